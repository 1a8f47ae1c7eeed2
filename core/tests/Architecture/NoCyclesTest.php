<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** File by file nothing depends on what depends on it. */
final class NoCyclesTest extends TestCase
{
    private const CORE = __DIR__.'/../../src';
    private const SERVER = __DIR__.'/../../../server/src';

    /** A plan’s workings make those of each stage, which are worked out over them. */
    private const MADE_OVER_EACH_OTHER = [
        'YardCask\Core\Assessment\KeptWorkings',
        'YardCask\Core\Assessment\KeyedWorkings',
        'YardCask\Core\Assessment\StageWorkings',
        'YardCask\Core\Assessment\Workings',
    ];

    /** @return array<string, array{string, string, list<list<string>>}> */
    public static function roots(): array
    {
        return [
            'core' => [self::CORE, 'YardCask\Core', [self::MADE_OVER_EACH_OTHER]],
            'server' => [self::SERVER, 'YardCask\Server', []],
        ];
    }

    /** @param list<list<string>> $allowed */
    #[DataProvider('roots')]
    public function testThereAreNoCycles(string $root, string $namespace, array $allowed): void
    {
        $used = self::used($root, $namespace);
        self::assertGreaterThan(20, array_sum(array_map(\count(...), $used)), 'The classes that others use were not found.');
        self::assertSame($allowed, self::cycles($used));
    }

    public function testACycleIsFound(): void
    {
        self::assertSame([['a', 'b', 'c']], self::cycles(['a' => ['b', 'd'], 'b' => ['c'], 'c' => ['a'], 'd' => []]));
    }

    /** @return array<string, list<string>> the classes of the root that each class names in its code */
    private static function used(string $root, string $namespace): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            $files[$namespace.'\\'.strtr(substr($file->getPathname(), \strlen($root) + 1, -4), '/', '\\')] = $file->getPathname();
        }
        $used = [];
        foreach ($files as $class => $path) {
            $names = self::names((string) file_get_contents($path), substr($class, 0, (int) strrpos($class, '\\')));
            $used[$class] = array_values(array_filter($names, static fn (string $name): bool => $name !== $class && isset($files[$name])));
        }

        return $used;
    }

    /** @return list<string> whatever could be a class, in full */
    private static function names(string $code, string $namespace): array
    {
        $tokens = array_values(array_filter(\PhpToken::tokenize($code), static fn (\PhpToken $token): bool => !$token->isIgnorable()));
        $imported = $names = [];
        foreach ($tokens as $index => $token) {
            $before = $tokens[$index - 1] ?? null;
            if ($token->is(\T_NAME_QUALIFIED) && true === $before?->is(\T_USE)) {
                $imported[substr($token->text, (int) strrpos($token->text, '\\') + 1)] = $token->text;
            } elseif ($token->is([\T_STRING, \T_NAME_QUALIFIED]) && true !== $before?->is([\T_OBJECT_OPERATOR, \T_NULLSAFE_OBJECT_OPERATOR, \T_DOUBLE_COLON])) {
                $names[$token->text] = true;
            }
        }

        return array_map(static fn (string $name): string => $imported[$name] ?? $namespace.'\\'.$name, array_keys($names));
    }

    /**
     * Whatever reaches itself, together with all that it reaches and that reaches it.
     *
     * @param array<string, list<string>> $used
     *
     * @return list<list<string>>
     */
    private static function cycles(array $used): array
    {
        $reached = array_map(static function (array $next) use ($used): array {
            $seen = [];
            while (null !== $one = array_pop($next)) {
                if (!isset($seen[$one])) {
                    $seen[$one] = true;
                    array_push($next, ...$used[$one]);
                }
            }

            return $seen;
        }, $used);
        $cycles = [];
        foreach ($reached as $one => $reaches) {
            if (isset($reaches[$one])) {
                $together = array_values(array_filter(array_keys($reaches), static fn (string $other): bool => isset($reached[$other][$one])));
                sort($together);
                $cycles[implode(' ', $together)] = $together;
            }
        }

        return array_values($cycles);
    }
}
