<?php

declare(strict_types=1);

namespace YardCask\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Interrupted anywhere it can be run again: MariaDB takes no change of a table back. */
final class Version20261124043339 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Plans and their revisions';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE IF NOT EXISTS plan (revision INT NOT NULL, name VARCHAR(80) NOT NULL, updated_at DATETIME NOT NULL, deleted_at DATETIME DEFAULT NULL, id VARCHAR(12) NOT NULL, INDEX plan_updated (deleted_at, updated_at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS plan_revision (id INT AUTO_INCREMENT NOT NULL, number INT NOT NULL, document MEDIUMTEXT NOT NULL, saved_at DATETIME NOT NULL, plan_id VARCHAR(12) NOT NULL, INDEX IDX_630622B6E899029B (plan_id), UNIQUE INDEX plan_revision_number (plan_id, number), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        // Again, it is the same.
        $this->addSql('ALTER TABLE plan_revision DROP FOREIGN KEY IF EXISTS FK_630622B6E899029B');
        $this->addSql('ALTER TABLE plan_revision ADD CONSTRAINT FK_630622B6E899029B FOREIGN KEY (plan_id) REFERENCES plan (id) ON DELETE CASCADE');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE plan_revision');
        $this->addSql('DROP TABLE plan');
    }
}
