<?php

declare(strict_types=1);

namespace YardCask\Server\Access;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Target;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\PasswordHasher\PasswordHasherInterface;
use YardCask\Core\Input\InvalidInput;
use YardCask\Server\Clock;
use YardCask\Server\Entity\Passphrase;
use YardCask\Server\Problem\Problem;

/** The passphrase of this workshop. */
final readonly class Passphrases
{
    private const SHORTEST = 10;
    private const LONGEST = 200;

    private PasswordHasherInterface $hasher;

    public function __construct(
        private EntityManagerInterface $orm,
        private DeviceTokens $tokens,
        private Throttles $throttles,
        #[Target('access.logger')]
        private LoggerInterface $log,
        PasswordHasherFactoryInterface $hashers,
    ) {
        $this->hasher = $hashers->getPasswordHasher('passphrase');
    }

    public function isSet(): bool
    {
        return null !== $this->stored();
    }

    /**
     * Changing it signs everybody out, also those who came by a link.
     *
     * @throws InvalidInput when it is too short or too long
     */
    public function set(string $passphrase): void
    {
        $length = mb_strlen($passphrase);
        if ($length < self::SHORTEST || $length > self::LONGEST || '' === trim($passphrase)) {
            throw InvalidInput::at('/passphrase', \sprintf(
                'This passphrase has %d characters; it needs %d to %d. A few unrelated words work well.',
                $length,
                self::SHORTEST,
                self::LONGEST,
            ));
        }
        $hash = $this->hasher->hash($passphrase);
        $this->orm->wrapInTransaction(function () use ($hash): void {
            $stored = $this->stored() ?? new Passphrase($hash, Clock::now());
            $stored->hash = $hash;
            $stored->setAt = Clock::now();
            $this->orm->persist($stored);
            $this->tokens->endAll();
        });
        $this->log->notice('The passphrase was changed; everybody was signed out.');
    }

    /** @throws Problem when it is another, or when there were too many attempts */
    public function check(string $given): void
    {
        $this->throttles->attempt(
            Throttles::SIGN_IN,
            // One of a megabyte would only take time.
            fn (): bool => mb_strlen($given) <= self::LONGEST && null !== $this->stored() && $this->hasher->verify($this->stored()->hash, $given),
            Problem::wrongPassphrase(),
        );
    }

    private function stored(): ?Passphrase
    {
        return $this->orm->find(Passphrase::class, Passphrase::ONLY);
    }
}
