<?php

declare(strict_types=1);

namespace YardCask\Server\Access;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Target;
use YardCask\Server\Clock;
use YardCask\Server\Entity\Share;
use YardCask\Server\Problem\Problem;
use YardCask\Server\Storage\PlanStore;
use YardCask\Server\Storage\WriteGate;

/** Links to one plan each. */
final readonly class Shares
{
    public function __construct(
        private EntityManagerInterface $orm,
        private PlanStore $plans,
        private WriteGate $gate,
        #[Target('access.logger')]
        private LoggerInterface $log,
    ) {
    }

    /**
     * @return array{Share, string} it, and the secret of its link, which nobody can read again
     *
     * @throws Problem when there is no such plan
     */
    public function make(string $plan, bool $mayNote, int $days): array
    {
        $this->gate->check();
        $secret = Secret::new();
        $now = Clock::now();
        $share = new Share(bin2hex(random_bytes(6)), $this->plans->head($plan), Secret::digest($secret), $mayNote, $now, $now->modify("+$days days"));
        $this->orm->persist($share);
        $this->orm->flush();
        $this->log->notice('Plan {plan} shared by link {share}, until {until}, {may}', [
            'plan' => $plan, 'share' => $share->id, 'until' => $share->expiresAt->format(\DATE_ATOM), 'may' => $mayNote ? 'to read and note' : 'to read',
        ]);

        return [$share, $secret];
    }

    /**
     * @return list<Share> those that work, the first to end first
     *
     * @throws Problem when there is no such plan
     */
    public function of(string $plan): array
    {
        $query = $this->orm->createQuery('SELECT s FROM '.Share::class.' s WHERE s.plan = :plan AND s.expiresAt > :now ORDER BY s.expiresAt, s.id');
        /** @var list<Share> $shares */
        $shares = $query->setParameters(['plan' => $this->plans->head($plan), 'now' => Clock::now()])->getResult();

        return $shares;
    }

    /** @throws Problem when the plan has no such link */
    public function end(string $plan, string $id): void
    {
        $share = $this->orm->getRepository(Share::class)->findOneBy(['id' => $id, 'plan' => $this->plans->head($plan)]) ?? throw Problem::noSuchLink();
        $this->orm->remove($share);
        $this->orm->flush();
        $this->log->notice('Link {share} to plan {plan} ended', ['share' => $id, 'plan' => $plan]);
    }

    /** @throws Problem when there is no such link, or it is over */
    public function find(string $secret): Share
    {
        $share = $this->orm->getRepository(Share::class)->findOneBy(['digest' => Secret::digest($secret)]);
        if (null === $share || $share->expiresAt <= Clock::now() || $share->plan->isDeleted()) {
            throw Problem::noSuchLink();
        }

        return $share;
    }
}
