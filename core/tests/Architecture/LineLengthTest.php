<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** The product's own source is read in lines that fit a screen. */
final class LineLengthTest extends TestCase
{
    private const MOST = 160;

    public function testNoLineOfTheSourceIsTooLong(): void
    {
        $root = \dirname(__DIR__, 3);
        $long = [];
        $read = 0;
        foreach (['core/src', 'server/src', 'web/src'] as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root.'/'.$folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
                if (!\in_array($file->getExtension(), ['php', 'ts', 'tsx'], true) || 'openapi.ts' === $file->getFilename()) {
                    continue;
                }
                ++$read;
                foreach (file($file->getPathname(), \FILE_IGNORE_NEW_LINES) ?: [] as $number => $line) {
                    if (mb_strlen($line) > self::MOST) {
                        $long[] = substr($file->getPathname(), \strlen($root) + 1).':'.($number + 1);
                    }
                }
            }
        }

        self::assertGreaterThan(300, $read);
        self::assertSame([], $long, 'Over '.self::MOST.' characters.');
    }
}
