<?php

declare(strict_types=1);

namespace YardCask\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Interrupted anywhere it can be run again: MariaDB takes no change of a table back. */
final class Version20261125131500 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Revisions are compressed, say how they came about and what changed, and can be named';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE plan_revision ADD COLUMN IF NOT EXISTS packed MEDIUMBLOB DEFAULT NULL, ADD COLUMN IF NOT EXISTS origin VARCHAR(10) NOT NULL DEFAULT \'edit\', ADD COLUMN IF NOT EXISTS changed TEXT NOT NULL DEFAULT \'\', ADD COLUMN IF NOT EXISTS name VARCHAR(80) DEFAULT NULL');
        if ($schema->getTable('plan_revision')->hasColumn('document')) {
            $this->addSql('UPDATE plan_revision SET packed = COMPRESS(document) WHERE packed IS NULL');
            $this->addSql('UPDATE plan_revision SET origin = \'begun\' WHERE number = 1');
            $this->addSql('ALTER TABLE plan_revision DROP COLUMN document');
        }
        $this->addSql('ALTER TABLE plan_revision MODIFY packed MEDIUMBLOB NOT NULL, ALTER origin DROP DEFAULT, ALTER changed DROP DEFAULT, ADD INDEX IF NOT EXISTS plan_revision_saved (saved_at)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE plan_revision ADD document MEDIUMTEXT DEFAULT NULL');
        $this->addSql('UPDATE plan_revision SET document = UNCOMPRESS(packed)');
        $this->addSql('ALTER TABLE plan_revision MODIFY document MEDIUMTEXT NOT NULL, DROP INDEX plan_revision_saved, DROP packed, DROP origin, DROP changed, DROP name');
    }
}
