<?php

declare(strict_types=1);

namespace YardCask\Server\Access;

use Doctrine\ORM\EntityManagerInterface;
use YardCask\Server\Clock;
use YardCask\Server\Entity\Device;
use YardCask\Server\Entity\DeviceToken;
use YardCask\Server\Entity\PairingCode;
use YardCask\Server\Entity\Share;
use YardCask\Server\Storage\WriteGate;

/** By which devices are known again. */
final readonly class DeviceTokens
{
    public function __construct(
        private EntityManagerInterface $orm,
        private WriteGate $gate,
    ) {
    }

    /** Who has that secret; null when nobody has. */
    public function caller(string $secret): ?Caller
    {
        $now = Clock::now();
        $token = $this->find($secret);
        if (null === $token || !$token->isValid($now)) {
            return null;
        }
        if ($token->seen($now) && $this->gate->isOpen()) {
            $this->orm->flush();
        }

        return Caller::with($token, $now);
    }

    /**
     * Lets a device in.
     *
     * @return string the secret that it is known by from now on
     */
    public function issue(Device $device, bool $gavePassphrase, ?Share $share): string
    {
        $this->gate->check();
        $secret = Secret::new();
        $now = Clock::now();
        $this->orm->persist($device);
        $this->orm->persist(new DeviceToken(Secret::digest($secret), $device, $now, $gavePassphrase ? $now : null, $share));
        $this->orm->flush();

        return $secret;
    }

    /** The device that has that secret, as long as it is valid. */
    public function device(string $secret): ?Device
    {
        $token = $this->find($secret);

        return null !== $token && $token->isValid(Clock::now()) ? $token->device : null;
    }

    public function end(string $secret): void
    {
        $token = $this->find($secret);
        if (null !== $token) {
            $this->orm->remove($token);
            $this->orm->flush();
        }
    }

    public function endFor(Device $device): void
    {
        $this->orm->createQuery('DELETE FROM '.DeviceToken::class.' t WHERE t.device = :device')->execute(['device' => $device]);
    }

    /** Signs everybody out, and ends every link and code. */
    public function endAll(): void
    {
        foreach ([DeviceToken::class, Share::class, PairingCode::class] as $kind) {
            $this->orm->createQuery("DELETE FROM $kind one")->execute();
        }
        $this->orm->createQuery('UPDATE '.Device::class.' d SET d.removedAt = :now WHERE d.removedAt IS NULL')->execute(['now' => Clock::now()]);
    }

    private function find(string $secret): ?DeviceToken
    {
        return '' === $secret ? null : $this->orm->find(DeviceToken::class, Secret::digest($secret));
    }
}
