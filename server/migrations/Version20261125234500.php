<?php

declare(strict_types=1);

namespace YardCask\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Interrupted anywhere it can be run again: MariaDB takes no change of a table back. */
final class Version20261125234500 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Parts of lines of the user’s own, beside those of the catalogue';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE IF NOT EXISTS own_part (id VARCHAR(12) NOT NULL, name VARCHAR(60) NOT NULL, document TEXT NOT NULL, PRIMARY KEY(id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE own_part');
    }
}
