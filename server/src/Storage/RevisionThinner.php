<?php

declare(strict_types=1);

namespace YardCask\Server\Storage;

use Doctrine\DBAL\Connection;
use YardCask\Server\Entity\RevisionOrigin;

/** Thins old revisions out: what was typed more than a day ago is kept as it stood at the end of each minute. */
final readonly class RevisionThinner
{
    private const WHOLE_FOR = '-1 day';

    public function __construct(private Connection $database)
    {
    }

    /**
     * Takes out edits that another revision of the same minute follows. The first and the last of a plan, and what was named, taken in,
     * copied or restored, stays.
     *
     * @return int how many were taken out
     */
    public function thin(\DateTimeImmutable $now): int
    {
        return (int) $this->database->executeStatement(
            'DELETE r FROM plan_revision r
             JOIN plan p ON p.id = r.plan_id
             JOIN (SELECT plan_id, DATE_FORMAT(saved_at, :minute) AS minute, MAX(number) AS last
                    FROM plan_revision WHERE saved_at < :old GROUP BY plan_id, minute) kept
                  ON kept.plan_id = r.plan_id AND kept.minute = DATE_FORMAT(r.saved_at, :minute)
             WHERE r.saved_at < :old AND r.number < kept.last AND r.number NOT IN (1, p.revision) AND r.origin = :edit AND r.name IS NULL',
            ['old' => $now->modify(self::WHOLE_FOR)->format('Y-m-d H:i:s'), 'minute' => '%Y-%m-%d %H:%i', 'edit' => RevisionOrigin::Edit->value],
        );
    }
}
