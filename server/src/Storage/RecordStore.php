<?php

declare(strict_types=1);

namespace YardCask\Server\Storage;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\QueryBuilder;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Record\KeptRecord;
use YardCask\Core\Record\NotedPart;
use YardCask\Core\Record\Record;
use YardCask\Core\Record\RecordKind;
use YardCask\Core\Record\RecordPage;
use YardCask\Core\Record\Records;
use YardCask\Server\Access\WhoAsks;
use YardCask\Server\Clock;
use YardCask\Server\Entity\PlanHead;
use YardCask\Server\Entity\StoredRecord;
use YardCask\Server\Problem\Problem;

/** The records of plans. Nothing that was received is ever changed or lost. */
final readonly class RecordStore
{
    /** Of one plan: years of use, and no more than a page can go through. */
    private const MOST = 20_000;

    public function __construct(
        private EntityManagerInterface $orm,
        private PlanStore $plans,
        private WriteGate $gate,
        private WhoAsks $who,
    ) {
    }

    /**
     * Takes in a record. The same one once more changes nothing.
     *
     * @return array{KeptRecord, bool} it, and whether it is new
     *
     * @throws Problem when there is no such plan, when another record has its UUID, or when the disk is full
     */
    public function put(string $plan, Record $record): array
    {
        $this->gate->check();
        try {
            return $this->orm->wrapInTransaction(function () use ($plan, $record): array {
                $head = $this->plans->head($plan, LockMode::PESSIMISTIC_WRITE);
                $known = $this->byUuid($record->uuid);
                if (null !== $known) {
                    return [self::same($known, $head, $record)->kept(), false];
                }
                $this->seeThatThereIsRoom(1 + $this->orm->getRepository(StoredRecord::class)->count(['plan' => $head]));
                $stored = new StoredRecord($head, $record, $this->root($head, $record), Clock::now(), $this->who->device());
                $this->orm->persist($stored);
                $this->orm->flush();

                return [$stored->kept(), true];
            });
        } catch (UniqueConstraintViolationException) {
            // Another plan received it at this moment.
            throw Problem::recordTaken($record->uuid);
        }
    }

    /**
     * Takes in the records of a new plan, in their order.
     *
     * @param list<Record> $records
     *
     * @throws InvalidInput when one is to stand in the place of another that is not before it
     */
    public function takeIn(PlanHead $plan, array $records): void
    {
        $this->seeThatThereIsRoom(\count($records));
        $now = Clock::now();
        $roots = [];
        foreach ($records as $number => $record) {
            $roots[$record->uuid] = null === $record->replaces ? $record->uuid : $roots[$record->replaces] ?? throw InvalidInput::at(
                '/records',
                \sprintf('Record %d replaces one that does not come before it.', $number + 1),
            );
            $this->orm->persist(new StoredRecord($plan, $record, $roots[$record->uuid], $now, $this->who->device()));
        }
        $this->orm->flush();
    }

    /**
     * Those that count, the latest to happen first: of several that stand in each other's place the last that was received, unless that takes it back.
     *
     * @param string $part the id of what they are about; all without it
     * @param string $words that they hold; all without them
     */
    public function page(string $plan, ?RecordKind $kind, string $part, string $words, int $page): RecordPage
    {
        $counting = $this->counting($this->plans->head($plan), $kind, $part, $words);
        $total = (int) (clone $counting)->select('COUNT(r.id)')->getQuery()->getSingleScalarResult();
        $query = $counting->orderBy('r.happenedAt', 'DESC')->addOrderBy('r.id', 'DESC')->setFirstResult($page * RecordPage::LENGTH);
        /** @var list<StoredRecord> $rows */
        $rows = $query->setMaxResults(RecordPage::LENGTH)->getQuery()->getResult();

        return new RecordPage(array_map(static fn (StoredRecord $one): KeptRecord => $one->kept(), $rows), $total);
    }

    /** @return list<KeptRecord> all that were received, also those in whose place another stands */
    public function all(string $plan): array
    {
        $rows = $this->orm->getRepository(StoredRecord::class)->findBy(['plan' => $this->plans->head($plan)], ['id' => 'ASC']);

        return array_map(static fn (StoredRecord $one): KeptRecord => $one->kept(), $rows);
    }

    /**
     * What findings need of those that count: worked out where they lie, since thousands may have to be looked through with each edit. Nothing
     * of a plan that is not there, or not to be seen.
     */
    public function forFindings(string $plan): Records
    {
        if (!$this->who->maySee($plan)) {
            return Records::none();
        }
        $rows = $this->orm->getConnection()->fetchAllAssociative(
            "SELECT r.part,
                SUBSTRING_INDEX(GROUP_CONCAT(JSON_VALUE(r.document, '$.part_name') ORDER BY r.happened_at DESC, r.id DESC SEPARATOR '\n'), '\n', 1) AS name,
                DATE_FORMAT(MAX(r.happened_at), '%Y-%m-%dT%H:%i:%sZ') AS latest
             FROM record r JOIN plan p ON p.id = r.plan_id
             WHERE r.plan_id = ? AND r.kind = 'note' AND p.deleted_at IS NULL AND r.retracts = 0
                AND NOT EXISTS (SELECT 1 FROM record later WHERE later.root = r.root AND later.id > r.id)
             GROUP BY r.part COLLATE utf8mb4_bin ORDER BY r.part COLLATE utf8mb4_bin",
            [$plan],
        );
        $others = $this->others($plan);
        $text = static fn (mixed $cell): string => \is_string($cell) ? $cell : '';
        $noted = array_filter($rows, static fn (array $row): bool => '' !== $row['part']);
        $times = array_map($text, array_column($rows, 'latest'));

        return new Records(
            array_values(array_map(static fn (array $row): NotedPart => new NotedPart($text($row['part']), $text($row['name'] ?? $row['part'])), $noted)),
            [] === $times ? null : max($times),
            $others->purchased,
            $others->cutM,
            $others->offcutsM,
        );
    }

    /** What counts of all but notes: few enough to be read one by one. */
    private function others(string $plan): Records
    {
        $rows = $this->orm->getConnection()->fetchFirstColumn(
            "SELECT r.document
             FROM record r JOIN plan p ON p.id = r.plan_id
             WHERE r.plan_id = ? AND r.kind <> 'note' AND p.deleted_at IS NULL AND r.retracts = 0
                AND NOT EXISTS (SELECT 1 FROM record later WHERE later.root = r.root AND later.id > r.id)
             ORDER BY r.id",
            [$plan],
        );
        $read = static fn (mixed $document): Record => Record::read(Json::decode(\is_string($document) ? $document : ''));

        return Records::of(array_map($read, $rows));
    }

    private function counting(PlanHead $plan, ?RecordKind $kind, string $part, string $words): QueryBuilder
    {
        $query = $this->orm->createQueryBuilder()->select('r')->from(StoredRecord::class, 'r')->where('r.plan = :plan')->setParameter('plan', $plan)
            ->andWhere('r.retracts = false')
            ->andWhere('NOT EXISTS (SELECT later.id FROM '.StoredRecord::class.' later WHERE later.root = r.root AND later.id > r.id)');
        if (null !== $kind) {
            $query->andWhere('r.kind = :kind')->setParameter('kind', $kind->value);
        }
        if ('' !== $part) {
            $query->andWhere('r.part = :part')->setParameter('part', $part);
        }
        if ('' !== $words) {
            $query->andWhere('r.words LIKE :words')->setParameter('words', '%'.addcslashes($words, '%_\\').'%');
        }

        return $query;
    }

    /** @throws Problem when it is not the same */
    private static function same(StoredRecord $known, PlanHead $plan, Record $record): StoredRecord
    {
        return $known->plan->id === $plan->id && $known->document === Json::encode($record) ? $known : throw Problem::recordTaken($record->uuid);
    }

    /**
     * @throws InvalidInput when that in whose place it is to stand is not among the records of its kind
     * @throws Problem when that is somebody else's, and only one's own may be changed
     */
    private function root(PlanHead $plan, Record $record): string
    {
        if (null === $record->replaces) {
            return $record->uuid;
        }
        $replaced = $this->byUuid($record->replaces);
        if (null === $replaced || $replaced->plan->id !== $plan->id || $replaced->kind !== $record->kind->value) {
            throw InvalidInput::at('/replaces', 'The record that this one replaces is not here.');
        }

        // Whoever came by a link changes only what he has written himself.
        if (null !== $this->who->caller()?->plan && $replaced->device !== $this->who->device()) {
            throw Problem::notYours();
        }

        return $replaced->root;
    }

    /** @throws InvalidInput when a plan would have more */
    private function seeThatThereIsRoom(int $count): void
    {
        if ($count > self::MOST) {
            throw InvalidInput::at('', \sprintf('A plan keeps at most %d records. Duplicate the plan and carry on in the copy.', self::MOST));
        }
    }

    private function byUuid(string $uuid): ?StoredRecord
    {
        return $this->orm->getRepository(StoredRecord::class)->findOneBy(['uuid' => $uuid]);
    }
}
