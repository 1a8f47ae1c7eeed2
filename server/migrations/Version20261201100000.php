<?php

declare(strict_types=1);

namespace YardCask\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261201100000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What the shelf says of a plan is worked out again, with the weight of its fittings';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('UPDATE plan SET note = NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('UPDATE plan SET note = NULL');
    }
}
