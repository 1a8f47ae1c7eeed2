<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\Migrations\AbstractMigration;
use Doctrine\Migrations\Configuration\Connection\ExistingConnection;
use Doctrine\Migrations\Configuration\Migration\ConfigurationArray;
use Doctrine\Migrations\DependencyFactory;
use Doctrine\Migrations\Metadata\AvailableMigration;
use Doctrine\Migrations\MigratorConfiguration;
use Doctrine\Migrations\Query\Query;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;

/** Bringing a database up to date, interrupted after each statement and begun again. */
final class MigrationsTest extends KernelTestCase
{
    private const DATABASE = 'yardcask_interrupted';

    private Connection $database;

    protected function setUp(): void
    {
        $params = self::bootKernel()->getContainer()->get('doctrine')->getConnection()->getParams();
        $this->database = DriverManager::getConnection(['dbname' => null] + array_diff_key($params, ['driverClass' => 0, 'wrapperClass' => 0]));
    }

    protected function tearDown(): void
    {
        $this->database->executeStatement('DROP DATABASE IF EXISTS '.self::DATABASE);
        parent::tearDown();
    }

    public function testInterruptedAfterAnyStatementItIsCarriedOnAndKeepsWhatWasSaved(): void
    {
        $this->begin();
        $this->migrate(null);
        $whole = $this->tables();
        self::assertContains('plan_revision', array_keys($whole));
        $interruptions = 0;
        foreach ($this->migrations() as $number => $migration) {
            // As many statements as it has, once it knows the tables before it.
            for ($count = 0, $all = 1; $count <= $all; ++$count) {
                $this->begin();
                $this->migrate($number);
                $this->savePlan();
                $statements = $this->statements($migration);
                $all = \count($statements);
                self::assertGreaterThan(0, $all);
                foreach (\array_slice($statements, 0, $count) as $statement) {
                    $this->database->executeStatement($statement);
                }
                $this->migrate(null);
                $when = $migration->getVersion().' interrupted after '.$count;
                self::assertSame($whole, $this->tables(), $when);
                if ($number > 0) {
                    self::assertSame('{"kept":1}', $this->database->fetchOne('SELECT UNCOMPRESS(packed) FROM plan_revision'), $when);
                }
                ++$interruptions;
            }
        }
        self::assertGreaterThan(12, $interruptions);
    }

    private function begin(): void
    {
        $this->database->executeStatement('DROP DATABASE IF EXISTS '.self::DATABASE);
        $this->database->executeStatement('CREATE DATABASE '.self::DATABASE.' CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_520_ci');
        $this->database->executeStatement('USE '.self::DATABASE);
    }

    /** What a plan is saved as before revisions are compressed, or after. */
    private function savePlan(): void
    {
        $tables = $this->tables();
        if (!isset($tables['plan_revision'])) {
            return;
        }
        $this->database->insert('plan', ['id' => 'kept', 'revision' => 1, 'name' => 'Kept', 'updated_at' => '2026-11-24 10:00:00']);
        $this->database->executeStatement(
            str_contains($tables['plan_revision'], '`packed`')
                ? 'INSERT INTO plan_revision (plan_id, number, saved_at, origin, changed, packed) VALUES (\'kept\', 1, NOW(), \'begun\', \'\', COMPRESS(\'{"kept":1}\'))'
                : 'INSERT INTO plan_revision (plan_id, number, saved_at, document) VALUES (\'kept\', 1, NOW(), \'{"kept":1}\')',
        );
    }

    /** @param int|null $before up to the one before this number; all where it is null */
    private function migrate(?int $before): void
    {
        $factory = $this->factory();
        $factory->getMetadataStorage()->ensureInitialized();
        $aliases = $factory->getVersionAliasResolver();
        $to = null === $before ? $aliases->resolveVersionAlias('latest') : (0 === $before ? null : $this->migrations()[$before - 1]->getVersion());
        if (null !== $to) {
            $factory->getMigrator()->migrate($factory->getMigrationPlanCalculator()->getPlanUntilVersion($to), (new MigratorConfiguration())->setAllOrNothing(false));
        }
    }

    /** @return list<AvailableMigration> in their order */
    private function migrations(): array
    {
        return $this->factory()->getMigrationPlanCalculator()->getMigrations()->getItems();
    }

    /** @return list<string> */
    private function statements(AvailableMigration $available): array
    {
        $migration = $available->getMigration();
        // Each time it is asked it adds to those before.
        $migration = new ($migration::class)($this->database, $this->factory()->getLogger());
        self::assertInstanceOf(AbstractMigration::class, $migration);
        $migration->up($this->database->createSchemaManager()->introspectSchema());

        return array_map(static fn (Query $query): string => $query->getStatement(), $migration->getSql());
    }

    private function factory(): DependencyFactory
    {
        return DependencyFactory::fromConnection(
            new ConfigurationArray(['migrations_paths' => ['YardCask\Server\Migrations' => \dirname(__DIR__).'/migrations'], 'transactional' => false]),
            new ExistingConnection($this->database),
        );
    }

    /** @return array<string, string> how each table is made */
    private function tables(): array
    {
        $made = [];
        foreach ($this->database->fetchFirstColumn('SHOW TABLES') as $table) {
            $made[(string) $table] = (string) preg_replace('/ AUTO_INCREMENT=\d+/', '', (string) ($this->database->fetchNumeric('SHOW CREATE TABLE '.$table)[1] ?? ''));
        }
        ksort($made);

        return $made;
    }
}
