<?php

declare(strict_types=1);

namespace YardCask\Server\Search;

use Doctrine\ORM\EntityManagerInterface;

/** Which searches are to stop: in the database, since another server may be the one that searches. */
final readonly class StopFlag
{
    public const SYNTAX = '[a-z0-9-]{8,64}';

    public function __construct(private EntityManagerInterface $orm)
    {
    }

    /** @param string $search that the page has named so */
    public function raise(string $search): void
    {
        $this->orm->getConnection()->executeStatement('DELETE FROM stopped_search WHERE at < UTC_TIMESTAMP() - INTERVAL 1 HOUR');
        $this->orm->getConnection()->executeStatement('INSERT IGNORE INTO stopped_search (name, at) VALUES (?, UTC_TIMESTAMP())', [$search]);
    }

    public function isFor(string $search): bool
    {
        return false !== $this->orm->getConnection()->fetchOne('SELECT name FROM stopped_search WHERE name = ?', [$search]);
    }
}
