<?php

declare(strict_types=1);

namespace YardCask\Server\Access;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Target;
use Symfony\Component\HttpFoundation\RequestStack;
use YardCask\Server\Clock;
use YardCask\Server\Entity\Throttle;
use YardCask\Server\Problem\Problem;

/** Lets attempts be made one after the other, and not too many: of all devices together, since an address is easily changed. */
final readonly class Throttles
{
    public const SIGN_IN = 'sign_in';
    public const CODE = 'code';

    public function __construct(
        private EntityManagerInterface $orm,
        private RequestStack $requests,
        #[Target('access.logger')]
        private LoggerInterface $log,
    ) {
    }

    /**
     * @param self::* $kind
     * @param callable(): bool $isRight
     *
     * @throws Problem when there were too many wrong ones lately, or when this one is wrong
     */
    public function attempt(string $kind, callable $isRight, Problem $wrong): void
    {
        $right = $this->orm->wrapInTransaction(function () use ($kind, $isRight): bool {
            $throttle = $this->orm->find(Throttle::class, $kind, LockMode::PESSIMISTIC_WRITE) ?? throw new \LogicException("No throttle of kind $kind.");
            $this->orm->refresh($throttle, LockMode::PESSIMISTIC_WRITE);
            $now = Clock::now();
            if ($throttle->waitS($now) > 0) {
                throw Problem::tooManyAttempts($throttle->waitS($now));
            }
            $right = $isRight();
            if (!$right) {
                $throttle->failed($now);
            }

            return $right;
        });
        if (!$right) {
            $this->log->warning('Failed attempt: {kind}, from {address}', ['kind' => $kind, 'address' => $this->requests->getMainRequest()?->getClientIp()]);
            throw $wrong;
        }
    }
}
