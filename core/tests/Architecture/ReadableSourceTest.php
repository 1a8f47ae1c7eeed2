<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** The product's own source is read in lines that fit a screen, and says what each of many arguments is. */
final class ReadableSourceTest extends TestCase
{
    private const LONGEST_LINE = 160;
    private const MOST_POSITIONAL = 6;

    public function testNoLineIsTooLong(): void
    {
        $long = [];
        foreach (self::files(['core/src', 'server/src', 'web/src'], ['php', 'ts', 'tsx']) as $name => $path) {
            foreach (file($path, \FILE_IGNORE_NEW_LINES) ?: [] as $number => $line) {
                if (mb_strlen($line) > self::LONGEST_LINE) {
                    $long[] = $name.':'.($number + 1);
                }
            }
        }
        self::assertSame([], $long, 'Over '.self::LONGEST_LINE.' characters.');
    }

    public function testNoValueIsBuiltFromManyArgumentsWithoutTheirNames(): void
    {
        $many = $built = [];
        foreach (self::files(['core/src', 'server/src'], ['php']) as $name => $path) {
            foreach (self::positional((string) file_get_contents($path)) as $line => $count) {
                $built[] = $count;
                if ($count > self::MOST_POSITIONAL) {
                    $many[] = $name.':'.$line;
                }
            }
        }
        self::assertSame(self::MOST_POSITIONAL, max($built), 'None was found with as many as are allowed.');
        self::assertSame([], $many, 'More than '.self::MOST_POSITIONAL.' arguments: name them, or put what belongs together into a value.');
    }

    public function testArgumentsAreCounted(): void
    {
        $code = '<?php new A(1, [2, 3], f(4, 5)); new B(one: 1, two: 2);'."\n".'new C($x ? 1 : 2, fn ($a, $b) => $a);'."\n".'new D();';
        self::assertSame([1 => 3, 2 => 2, 3 => 0], self::positional($code));
    }

    /**
     * @param list<string> $folders
     * @param list<string> $kinds
     *
     * @return iterable<string, string> paths by names from the project's folder
     */
    private static function files(array $folders, array $kinds): iterable
    {
        $root = \dirname(__DIR__, 3);
        foreach ($folders as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root.'/'.$folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
                \assert($file instanceof \SplFileInfo);
                if (\in_array($file->getExtension(), $kinds, true) && 'openapi.ts' !== $file->getFilename()) {
                    yield substr($file->getPathname(), \strlen($root) + 1) => $file->getPathname();
                }
            }
        }
    }

    /** @return array<int, int> how many arguments without a name each object is built from, the most on each line */
    private static function positional(string $code): array
    {
        $tokens = array_values(array_filter(\PhpToken::tokenize($code), static fn (\PhpToken $token): bool => !$token->isIgnorable()));
        $counts = [];
        foreach ($tokens as $index => $token) {
            if ('(' === $token->text && $index > 1 && $tokens[$index - 2]->is(\T_NEW)) {
                $counts[$token->line] = max($counts[$token->line] ?? 0, self::positionalFrom(\array_slice($tokens, $index)));
            }
        }

        return $counts;
    }

    /** @param list<\PhpToken> $tokens from the opening bracket */
    private static function positionalFrom(array $tokens): int
    {
        $depth = $count = 0;
        foreach ($tokens as $index => $token) {
            $begins = 1 === $depth && ')' !== $token->text && (1 === $index || ',' === $tokens[$index - 1]->text);
            $isNamed = $token->is(\T_STRING) && ':' === ($tokens[$index + 1]->text ?? '');
            $count += $begins && !$isNamed ? 1 : 0;
            $depth += match ($token->text) {
                '(', '[', '{', '#[' => 1,
                ')', ']', '}' => -1,
                default => 0,
            };
            if (0 === $depth) {
                break;
            }
        }

        return $count;
    }
}
