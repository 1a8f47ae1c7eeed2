<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** README leads to what is there. */
final class ReadmeTest extends TestCase
{
    public function testEveryPathInTheTableOfChangesExists(): void
    {
        $root = \dirname(__DIR__, 3).'/';
        $table = (string) strstr((string) file_get_contents($root.'README.md'), '## How to change things');
        $paths = [];
        preg_match_all('~`((?:[\w.-]+/)+[\w.-]*)`~', $table, $paths);
        self::assertGreaterThan(60, \count($paths[1]));
        self::assertSame([], array_values(array_filter($paths[1], static fn (string $path): bool => !file_exists($root.$path))));
    }

    public function testEveryPictureIsLinkedAndEveryLinkLeadsToOne(): void
    {
        $root = \dirname(__DIR__, 3).'/';
        $linked = [];
        preg_match_all('~docs/screenshots/[\w-]+\.png~', (string) file_get_contents($root.'README.md'), $linked);
        $pictures = array_map(static fn (string $file): string => 'docs/screenshots/'.basename($file), (array) glob($root.'docs/screenshots/*.png'));
        $linked = array_values(array_unique($linked[0]));
        sort($linked);
        self::assertSame($pictures, $linked);
    }
}
