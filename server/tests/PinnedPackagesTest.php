<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Every PHP package, also what others bring along, is named with one version: what was tested is what is installed. */
final class PinnedPackagesTest extends TestCase
{
    #[TestWith(['core'])]
    #[TestWith(['server'])]
    public function testWhatIsInstalledIsWhatIsNamed(string $room): void
    {
        $named = json_decode((string) file_get_contents(__DIR__."/../../{$room}/composer.json"), true, 9, \JSON_THROW_ON_ERROR);
        $named = array_filter($named['require'] + $named['require-dev'], static fn (string $name): bool => str_contains($name, '/'), \ARRAY_FILTER_USE_KEY);
        $installed = json_decode((string) file_get_contents(__DIR__."/../../{$room}/vendor/composer/installed.json"), true, 9, \JSON_THROW_ON_ERROR);
        $installed = array_map(static fn (string $version): string => ltrim($version, 'v'), array_column($installed['packages'], 'version', 'name'));
        ksort($named);
        ksort($installed);
        self::assertNotSame([], $named);
        self::assertSame($installed, $named);
    }
}
