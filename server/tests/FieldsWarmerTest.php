<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use YardCask\Core\Plan\Field\FieldsCode;
use YardCask\Core\Plan\Plan;
use YardCask\Server\Storage\FieldsWarmer;

final class FieldsWarmerTest extends KernelTestCase
{
    public function testTheCodeThatTheServerReadsIsThatOfThePlanAsItIsNow(): void
    {
        $file = FieldsWarmer::file(self::bootKernel()->getCacheDir());
        self::assertStringEqualsFile($file, FieldsCode::of(Plan::class));
    }
}
