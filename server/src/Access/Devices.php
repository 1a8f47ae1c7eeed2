<?php

declare(strict_types=1);

namespace YardCask\Server\Access;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Target;
use YardCask\Server\Clock;
use YardCask\Server\Entity\Device;
use YardCask\Server\Entity\DeviceKind;
use YardCask\Server\Entity\DeviceToken;
use YardCask\Server\Entity\PairingCode;
use YardCask\Server\Entity\Share;
use YardCask\Server\Problem\Problem;
use YardCask\Server\Storage\WriteGate;

/** The devices that are let in. */
final readonly class Devices
{
    public const CODE_FOR = '+2 minutes';
    private const CODE_DIGITS = 6;

    public function __construct(
        private EntityManagerInterface $orm,
        private DeviceTokens $tokens,
        private Throttles $throttles,
        private WriteGate $gate,
        #[Target('access.logger')]
        private LoggerInterface $log,
    ) {
    }

    /** @return list<DeviceToken> of those that are let in, the latest seen first */
    public function all(): array
    {
        $letIn = 'SELECT t, d FROM '.DeviceToken::class.' t JOIN t.device d WHERE d.removedAt IS NULL ORDER BY t.lastSeenAt DESC, d.id';
        $query = $this->orm->createQuery($letIn);
        /** @var list<DeviceToken> $tokens */
        $tokens = $query->getResult();

        return array_values(array_filter($tokens, static fn (DeviceToken $token): bool => $token->isValid(Clock::now())));
    }

    /** A code that lets one device in. The code before it stops working. */
    public function newCode(): string
    {
        $this->gate->check();
        $code = str_pad((string) random_int(0, 10 ** self::CODE_DIGITS - 1), self::CODE_DIGITS, '0', \STR_PAD_LEFT);
        $this->orm->createQuery('DELETE FROM '.PairingCode::class.' c')->execute();
        $this->orm->persist(new PairingCode(Secret::digest($code), Clock::now()->modify(self::CODE_FOR)));
        $this->orm->flush();

        return $code;
    }

    /**
     * @return string the secret of the device
     *
     * @throws Problem when the code is wrong, used or old, or when there were too many attempts
     */
    public function pair(string $code, string $name): string
    {
        $this->throttles->attempt(Throttles::CODE, fn (): bool => $this->use($code), Problem::wrongCode());

        return $this->add($name, DeviceKind::Paired, false, null);
    }

    /** @return string the secret of a device that is let in */
    public function add(string $name, DeviceKind $kind, bool $gavePassphrase, ?Share $share): string
    {
        $device = new Device(bin2hex(random_bytes(6)), $name, $kind, Clock::now());
        $secret = $this->tokens->issue($device, $gavePassphrase, $share);
        $this->log->notice('New device {id} “{name}”, {kind}', ['id' => $device->id, 'name' => $name, 'kind' => $kind->value]);

        return $secret;
    }

    /** @throws Problem when there is none */
    public function remove(string $id): void
    {
        $device = 1 === preg_match('/^[0-9a-f]{12}$/D', $id) ? $this->orm->find(Device::class, $id) : null;
        if (null === $device || $device->isRemoved()) {
            throw Problem::noSuchDevice();
        }
        $device->remove(Clock::now());
        $this->orm->flush();
        $this->tokens->endFor($device);
        $this->log->notice('Device {id} “{name}” removed', ['id' => $device->id, 'name' => $device->name]);
    }

    private function use(string $code): bool
    {
        $used = $this->orm->createQuery('DELETE FROM '.PairingCode::class.' c WHERE c.digest = :digest AND c.expiresAt > :now')
            ->execute(['digest' => Secret::digest($code), 'now' => Clock::now()]);

        return 1 === $used;
    }
}
