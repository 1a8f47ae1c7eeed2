<?php

declare(strict_types=1);

namespace YardCask\Server\Access;

use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\RequestStack;
use YardCask\Server\Entity\Device;

/** Who asks at present. */
final readonly class WhoAsks
{
    public function __construct(
        private Security $security,
        private RequestStack $requests,
    ) {
    }

    /** @return Caller|null null when nobody knows who it is; a console command is somebody at this machine */
    public function caller(): ?Caller
    {
        if (null === $this->requests->getMainRequest()) {
            return Caller::here();
        }
        $user = $this->security->getUser();

        return $user instanceof Caller ? $user : null;
    }

    public function device(): ?Device
    {
        return $this->caller()?->device;
    }

    public function maySee(string $plan): bool
    {
        return $this->caller()?->maySee($plan) ?? false;
    }
}
