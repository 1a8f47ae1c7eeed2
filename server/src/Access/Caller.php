<?php

declare(strict_types=1);

namespace YardCask\Server\Access;

use Symfony\Component\Security\Core\User\UserInterface;
use YardCask\Server\Entity\Device;
use YardCask\Server\Entity\DeviceToken;

/** Who asks: somebody at this machine, a device, or somebody with a link to one plan. */
final readonly class Caller implements UserInterface
{
    /** For so long after it was given, the passphrase counts as just given. */
    public const FRESH = '-15 minutes';

    private function __construct(
        public Level $level,
        /** Null for this machine. */
        public ?Device $device,
        /** The one plan of a link; null where all may be seen. */
        public ?string $plan,
    ) {
    }

    public static function here(): self
    {
        return new self(Level::Keep, null, null);
    }

    public static function with(DeviceToken $token, \DateTimeImmutable $now): self
    {
        $share = $token->share;
        $level = match (true) {
            null !== $share => $share->mayNote ? Level::Note : Level::Read,
            null !== $token->passphraseAt && $token->passphraseAt > $now->modify(self::FRESH) => Level::Keep,
            default => Level::Plan,
        };

        return new self($level, $token->device, $share?->plan->id);
    }

    public function maySee(string $plan): bool
    {
        return null === $this->plan || $this->plan === $plan;
    }

    /** @return list<string> */
    public function getRoles(): array
    {
        return [$this->level->role()];
    }

    public function getUserIdentifier(): string
    {
        return $this->device->id ?? 'here';
    }

    public function eraseCredentials(): void
    {
    }
}
