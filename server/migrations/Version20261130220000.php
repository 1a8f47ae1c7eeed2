<?php

declare(strict_types=1);

namespace YardCask\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Interrupted anywhere it can be run again: MariaDB takes no change of a table back. */
final class Version20261130220000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Devices, links and the passphrase; who saved what; what several servers tell each other';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE IF NOT EXISTS device (id VARCHAR(12) NOT NULL, name VARCHAR(60) NOT NULL, kind VARCHAR(10) NOT NULL, added_at DATETIME NOT NULL, removed_at DATETIME DEFAULT NULL, PRIMARY KEY(id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS share (id VARCHAR(12) NOT NULL, plan_id VARCHAR(12) NOT NULL, digest VARCHAR(64) NOT NULL, may_note TINYINT(1) NOT NULL, made_at DATETIME NOT NULL, expires_at DATETIME NOT NULL, UNIQUE INDEX share_digest (digest), INDEX share_plan (plan_id), PRIMARY KEY(id), CONSTRAINT share_plan FOREIGN KEY (plan_id) REFERENCES plan (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS device_token (digest VARCHAR(64) NOT NULL, device_id VARCHAR(12) NOT NULL, share_id VARCHAR(12) DEFAULT NULL, last_seen_at DATETIME NOT NULL, passphrase_at DATETIME DEFAULT NULL, INDEX device_token_device (device_id), INDEX device_token_share (share_id), PRIMARY KEY(digest), CONSTRAINT device_token_device FOREIGN KEY (device_id) REFERENCES device (id) ON DELETE CASCADE, CONSTRAINT device_token_share FOREIGN KEY (share_id) REFERENCES share (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS pairing_code (digest VARCHAR(64) NOT NULL, expires_at DATETIME NOT NULL, PRIMARY KEY(digest)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS passphrase (id INT NOT NULL, hash VARCHAR(255) NOT NULL, set_at DATETIME NOT NULL, PRIMARY KEY(id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS throttle (kind VARCHAR(10) NOT NULL, since DATETIME NOT NULL, failures INT NOT NULL, PRIMARY KEY(kind)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql("INSERT IGNORE INTO throttle (kind, since, failures) VALUES ('sign_in', '2026-01-01', 0), ('code', '2026-01-01', 0)");
        $this->addSql('CREATE TABLE IF NOT EXISTS upgrade (id INT NOT NULL, since DATETIME NOT NULL, PRIMARY KEY(id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS stopped_search (name VARCHAR(64) NOT NULL, at DATETIME NOT NULL, PRIMARY KEY(name)) DEFAULT CHARACTER SET utf8mb4');
        foreach (['plan_revision', 'record'] as $table) {
            $this->addSql("ALTER TABLE $table ADD COLUMN IF NOT EXISTS device_id VARCHAR(12) DEFAULT NULL");
            $this->addSql("CREATE INDEX IF NOT EXISTS {$table}_device ON $table (device_id)");
            $this->addSql("ALTER TABLE $table ADD CONSTRAINT {$table}_device FOREIGN KEY IF NOT EXISTS (device_id) REFERENCES device (id)");
        }
    }

    public function down(Schema $schema): void
    {
        foreach (['plan_revision', 'record'] as $table) {
            $this->addSql("ALTER TABLE $table DROP FOREIGN KEY {$table}_device");
            $this->addSql("ALTER TABLE $table DROP COLUMN device_id");
        }
        foreach (['stopped_search', 'upgrade', 'throttle', 'passphrase', 'pairing_code', 'device_token', 'share', 'device'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
    }
}
