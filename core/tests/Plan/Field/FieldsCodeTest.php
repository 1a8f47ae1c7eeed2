<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Plan\Field;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Plan\Field\FieldsCode;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\Tag;
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
        /** @var array<class-string, array{\Closure(): array<mixed>, \Closure(): (Tag|null)}> $written */
        $written = require $file;
        unlink($file);
        self::assertGreaterThan(40, \count($written));
        self::assertArrayHasKey(PumpFigures::class, $written, 'among variants');
        self::assertArrayHasKey(PlannedLevel::class, $written, 'deep inside');
        self::assertNotNull($written[PumpFigures::class][1](), 'its tag');
        foreach ($written as $class => [$fields, $tag]) {
            self::assertEquals(PartFields::declared($class), $fields(), $class);
            self::assertEquals(PartFields::declaredTag($class), $tag(), $class);
        }
    }
}
