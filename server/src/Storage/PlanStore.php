<?php

declare(strict_types=1);

namespace YardCask\Server\Storage;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\PartIds;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanChanges;
use YardCask\Core\Stage\ShelfNote;
use YardCask\Server\Access\WhoAsks;
use YardCask\Server\Clock;
use YardCask\Server\Entity\PlanHead;
use YardCask\Server\Entity\PlanRevision;
use YardCask\Server\Entity\RevisionOrigin;
use YardCask\Server\Problem\Problem;

/** Plans and their numbered revisions. Nothing that was once saved is ever overwritten. */
final readonly class PlanStore
{
    public function __construct(
        private EntityManagerInterface $orm,
        private WriteGate $gate,
        private WhoAsks $who,
        private OwnParts $parts,
    ) {
    }

    /** @return list<PlanHead> those not deleted, the latest saved first */
    public function all(): array
    {
        return $this->orm->getRepository(PlanHead::class)->findBy(['deletedAt' => null], ['updatedAt' => 'DESC', 'id' => 'ASC']);
    }

    /** @return list<PlanHead> those that can be brought back, the latest deleted first, at most 100 */
    public function deleted(): array
    {
        $query = $this->orm->createQuery('SELECT p FROM '.PlanHead::class.' p WHERE p.deletedAt IS NOT NULL ORDER BY p.deletedAt DESC, p.id ASC');
        /** @var list<PlanHead> $plans */
        $plans = $query->setMaxResults(100)->getResult();

        return $plans;
    }

    public function isEmpty(): bool
    {
        return 0 === $this->orm->getRepository(PlanHead::class)->count();
    }

    /** What the shelf says of a plan: worked out with each save, and here where an update of the application has cleared it. */
    public function note(PlanHead $stored): mixed
    {
        if (null === $stored->note()) {
            $plan = Plan::fromJson($this->revision($stored, $stored->revision())->document);
            $stored->noted(Json::encode(ShelfNote::of($plan, $this->parts->stock())));
            // The shelf can be read also when nothing can be written.
            if ($this->gate->isOpen()) {
                $this->orm->flush();
            }
        }

        return Json::decode($stored->note() ?? 'null');
    }

    /** @throws Problem when there is no such plan */
    public function copy(string $id): PlanRevision
    {
        $plan = Plan::fromJson($this->latest($id)->document);
        $names = array_map(static fn (PlanHead $one): string => $one->name(), $this->all());

        return $this->create($plan->copied($names), RevisionOrigin::Copy);
    }

    /** @throws Problem when the disk is full, as whatever writes does */
    public function create(Plan $plan, RevisionOrigin $origin): PlanRevision
    {
        $this->gate->check();
        $stored = new PlanHead(bin2hex(random_bytes(6)), Clock::now());
        $revision = $this->nextRevision($stored, PartIds::issued($plan), $origin, '');
        $this->orm->persist($stored);
        $this->orm->persist($revision);
        $this->orm->flush();

        return $revision;
    }

    /** @throws Problem when there is no such plan, or it is deleted */
    public function latest(string $id): PlanRevision
    {
        $stored = $this->head($id);

        return $this->revision($stored, $stored->revision());
    }

    /** @throws Problem when there is no such plan or revision */
    public function at(string $id, int $number): PlanRevision
    {
        return $this->revision($this->head($id), $number);
    }

    /** @throws Problem when there is no such plan */
    public function revisions(string $id, ?int $before): RevisionPage
    {
        $query = $this->orm->createQuery(
            'SELECT r.number, r.savedAt, r.origin, r.changed, r.name, d.name AS device FROM '.PlanRevision::class
            .' r LEFT JOIN r.device d WHERE r.plan = :plan AND r.number < :before ORDER BY r.number DESC',
        );
        /** @var list<array{number: int, savedAt: \DateTimeImmutable, origin: RevisionOrigin, changed: string, name: string|null, device: string|null}> $rows */
        $rows = $query->setParameters(
            ['plan' => $this->head($id), 'before' => $before ?? \PHP_INT_MAX],
        )->setMaxResults(RevisionPage::LENGTH + 1)->getArrayResult();

        return RevisionPage::of($rows);
    }

    /**
     * Saves $plan as the next revision, or leaves all as it is when nothing has changed.
     *
     * @param int $based the revision that the change is based on
     *
     * @throws Problem when there is no such plan, or it has been saved since
     */
    public function write(string $id, int $based, Plan $plan, RevisionOrigin $origin = RevisionOrigin::Edit): PlanRevision
    {
        $this->gate->check();

        return $this->orm->wrapInTransaction(function () use ($id, $based, $plan, $origin): PlanRevision {
            $stored = $this->head($id, LockMode::PESSIMISTIC_WRITE);
            $latest = $this->revision($stored, $stored->revision());
            if ($stored->revision() !== $based) {
                throw Problem::changedMeanwhile($based, $stored->revision(), ['revision' => $latest->number, 'plan' => Plan::fromJson($latest->document)]);
            }
            $before = self::readable($latest->document);
            $plan = PartIds::issued($plan, $before);
            if ($latest->document === $plan->toJson()) {
                return $latest;
            }
            $next = $this->nextRevision($stored, $plan, $origin, null === $before ? '' : PlanChanges::inWords($before, $plan));
            $this->orm->persist($next);

            return $next;
        });
    }

    /**
     * Saves an earlier revision again as the newest.
     *
     * @throws Problem when there is no such plan or revision, or the plan has been saved since $based
     */
    public function restore(string $id, int $based, int $number): PlanRevision
    {
        return $this->write($id, $based, Plan::fromJson($this->at($id, $number)->document), RevisionOrigin::Restore);
    }

    /**
     * Names a revision, or takes its name away.
     *
     * @throws Problem when there is no such plan or revision
     */
    public function nameRevision(string $id, int $number, ?string $name): void
    {
        $this->gate->check();
        $this->at($id, $number)->name = $name;
        $this->orm->flush();
    }

    /** @throws Problem when there is no such plan, or the disk is full */
    public function delete(string $id): void
    {
        $this->gate->check();
        $this->head($id)->delete(Clock::now());
        $this->orm->flush();
    }

    /** @throws Problem when there was never such a plan, or the disk is full */
    public function undelete(string $id): PlanRevision
    {
        $this->gate->check();
        $this->findAny($id)->undelete();
        $this->orm->flush();

        return $this->latest($id);
    }

    /** @throws Problem when there is no such plan, or it is deleted */
    public function head(string $id, LockMode $lock = LockMode::NONE): PlanHead
    {
        $stored = $this->findAny($id, $lock);
        if (LockMode::PESSIMISTIC_WRITE === $lock) {
            $this->orm->refresh($stored, $lock);
        }

        return $stored->isDeleted() ? throw Problem::noSuchPlan($id) : $stored;
    }

    /**
     * Whether deleted or not; whoever may not see it does not learn that it is there. MariaDB would take an id in capitals, or with blanks behind
     * it, for the same.
     */
    private function findAny(string $id, LockMode $lock = LockMode::NONE): PlanHead
    {
        $stored = 1 === preg_match('/^[0-9a-f]{12}$/D', $id) && $this->who->maySee($id) ? $this->orm->find(PlanHead::class, $id, $lock) : null;

        return $stored ?? throw Problem::noSuchPlan($id);
    }

    private function revision(PlanHead $stored, int $number): PlanRevision
    {
        return $this->orm->getRepository(PlanRevision::class)->findOneBy(['plan' => $stored, 'number' => $number]) ?? throw Problem::noSuchRevision($number);
    }

    private function nextRevision(PlanHead $stored, Plan $plan, RevisionOrigin $origin, string $changed): PlanRevision
    {
        $now = Clock::now();
        $revision = new PlanRevision(
            plan: $stored,
            number: $stored->revised($plan, $now),
            document: $plan->toJson(),
            savedAt: $now,
            origin: $origin,
            changed: $changed,
            device: $this->who->device(),
        );
        // At once: a shelf of a hundred new plans would have to work out all of them.
        $stored->noted(Json::encode(ShelfNote::of($plan, $this->parts->stock())));

        return $revision;
    }

    /** A stored state; null where it can no longer be read, which keeps nobody from saving. */
    private static function readable(string $document): ?Plan
    {
        try {
            return Plan::fromJson($document);
        } catch (InvalidInput) {
            return null;
        }
    }
}
