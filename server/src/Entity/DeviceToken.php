<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** By which a device is known again. No backup holds it. */
#[ORM\Entity]
#[ORM\Table(name: 'device_token')]
#[ORM\Index(name: 'device_token_device', columns: ['device_id'])]
#[ORM\Index(name: 'device_token_share', columns: ['share_id'])]
class DeviceToken
{
    private const SEEN_AT_MOST_EVERY = '-1 minute';

    public function __construct(
        /** SHA-256 of the secret in the device's cookie. */
        #[ORM\Id]
        #[ORM\Column(length: 64)]
        public readonly string $digest,
        #[ORM\ManyToOne(targetEntity: Device::class, fetch: 'EAGER')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Device $device,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public \DateTimeImmutable $lastSeenAt,
        /** When the passphrase was given last; null where it never was. */
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
        public readonly ?\DateTimeImmutable $passphraseAt,
        /** The link that it came by. */
        #[ORM\ManyToOne(targetEntity: Share::class, fetch: 'EAGER')]
        #[ORM\JoinColumn(nullable: true, onDelete: 'CASCADE')]
        public readonly ?Share $share,
    ) {
    }

    public function isValid(\DateTimeImmutable $now): bool
    {
        return !$this->device->isRemoved() && (null === $this->share || $this->share->expiresAt > $now);
    }

    /** Returns whether the time should be saved: once a minute at most. */
    public function seen(\DateTimeImmutable $now): bool
    {
        if ($this->lastSeenAt >= $now->modify(self::SEEN_AT_MOST_EVERY)) {
            return false;
        }
        $this->lastSeenAt = $now;

        return true;
    }
}
