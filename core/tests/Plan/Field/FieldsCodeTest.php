<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Plan\Field;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Plan\Field\FieldsCode;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedLevel;

/** The fields that are read from code are those that the classes declare. */
final class FieldsCodeTest extends TestCase
{
    public function testWhatIsWrittenIsWhatTheAttributesSay(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'fields');
        file_put_contents($file, FieldsCode::of(Plan::class));
        /** @var array<class-string, \Closure(): array<mixed>> $written */
        $written = require $file;
        unlink($file);
        self::assertGreaterThan(40, \count($written));
        self::assertArrayHasKey(PumpFigures::class, $written, 'among variants');
        self::assertArrayHasKey(PlannedLevel::class, $written, 'deep inside');
        foreach ($written as $class => $fields) {
            self::assertEquals(PartFields::declared($class), $fields(), $class);
        }
    }
}
