<?php

declare(strict_types=1);

namespace YardCask\Server\Storage;

use Doctrine\ORM\EntityManagerInterface;

/** The sign that every server of a database sees while its tables are brought up to date. One that was interrupted leaves it up for the next to go on. */
final readonly class UpgradeSign
{
    private const TABLE = 'upgrade';

    public function __construct(private EntityManagerInterface $orm)
    {
    }

    public function isUp(): bool
    {
        return false !== $this->orm->getConnection()->fetchOne('SELECT since FROM '.self::TABLE);
    }

    /** A database that is new, or older than the sign, has none: no server of this version uses it yet. */
    public function putUp(): void
    {
        if ($this->orm->getConnection()->createSchemaManager()->tablesExist([self::TABLE])) {
            $this->orm->getConnection()->executeStatement('INSERT IGNORE INTO '.self::TABLE.' (id, since) VALUES (1, UTC_TIMESTAMP())');
        }
    }

    public function takeDown(): void
    {
        $this->orm->getConnection()->executeStatement('DELETE FROM '.self::TABLE);
    }
}
