<?php

declare(strict_types=1);

namespace YardCask\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Interrupted anywhere it can be run again: MariaDB takes no change of a table back. */
final class Version20261130190000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Records of plans, and the photographs that belong to them';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE IF NOT EXISTS record (id BIGINT AUTO_INCREMENT NOT NULL, uuid VARCHAR(36) NOT NULL, root VARCHAR(36) NOT NULL, plan_id VARCHAR(12) NOT NULL, kind VARCHAR(20) NOT NULL, part VARCHAR(60) NOT NULL, happened_at DATETIME NOT NULL, received_at DATETIME NOT NULL, retracts TINYINT(1) NOT NULL, words TEXT NOT NULL, document TEXT NOT NULL, UNIQUE INDEX record_uuid (uuid), INDEX record_root (root, id), INDEX record_happened (plan_id, happened_at, id), PRIMARY KEY(id), CONSTRAINT record_plan FOREIGN KEY (plan_id) REFERENCES plan (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS photo (uuid VARCHAR(36) NOT NULL, plan_id VARCHAR(12) NOT NULL, digest VARCHAR(64) NOT NULL, width INT NOT NULL, height INT NOT NULL, bytes INT NOT NULL, jpeg MEDIUMBLOB NOT NULL, received_at DATETIME NOT NULL, INDEX photo_plan (plan_id), PRIMARY KEY(uuid), CONSTRAINT photo_plan FOREIGN KEY (plan_id) REFERENCES plan (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE photo');
        $this->addSql('DROP TABLE record');
    }
}
