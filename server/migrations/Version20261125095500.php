<?php

declare(strict_types=1);

namespace YardCask\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Interrupted anywhere it can be run again: MariaDB takes no change of a table back. */
final class Version20261125095500 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What the shelf says of each plan';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE plan ADD COLUMN IF NOT EXISTS note TEXT DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE plan DROP note');
    }
}
