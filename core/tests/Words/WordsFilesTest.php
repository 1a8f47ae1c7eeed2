<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Words;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Words\Pattern;
use YardCask\Core\Words\Phrasebook;
use YardCask\Core\Words\Sentences;

/** The words files against the code that uses them: every key there once, every pattern readable, every name filled, no text left in rules. */
final class WordsFilesTest extends TestCase
{
    private const SOURCE = __DIR__.'/../../src';
    private const KEY = '/^(?:frame|use|load|tanks|line|parts)\.[a-z0-9-]+(?:\.[a-z0-9-]+)*$/';
    /** What may not stand in a sentence, and the one sense in which a word may. */
    private const BANNED = [
        'kept for', 'are wanted', 'is wanted there', 'at most are of use', 'of use there', 'nobody has said', 'nowhere to grow', 'runs away', 'its own fall', 'of its fall',
        'by its fall', 'lets nothing through', 'where no pressure is', 'has to come off against', 'over the hand', 'take in', 'taken in', 'let go', 'put away', 'school',
        'lay this line', 'begin at', 'but then', 'the finest that', 'two-way valve', 'at once', 'before it', 'behind it', 'beyond', 'what is missing then', 'has not',
        'that this plan has not', 'is to be had', 'stays aboard and', 'goes hungry', ' stands ', ' lies ',
    ];
    private const PLURAL_AMOUNT = '/\d\x{00A0}?(?:L|mL|kg|kPa|mm|min|gal|lb|psi|in) (?:are|stay|come|remain|leave|run)\b/u';

    public function testEveryKeyIsUsedAndEveryUsedKeyIsThere(): void
    {
        $used = array_map(static fn (\BackedEnum $code): string => $code->value.'.meaning', self::codes());
        foreach (self::literals(self::SOURCE) as [$text]) {
            if (1 === preg_match(self::KEY, $text) && isset(Phrasebook::english()->all()[$text])) {
                $used[] = $text;
            }
        }
        self::assertSame([], array_values(array_diff(array_keys(Phrasebook::english()->all()), $used)), 'These are never said.');
    }

    /** A phrase that names a key that is not there falls over at once when it is written; here it falls over unwritten. */
    public function testEveryKeyThatIsNamedIsThere(): void
    {
        $missing = [];
        foreach (self::phrases() as [$keys]) {
            array_push($missing, ...array_filter($keys, static fn (string $key): bool => !isset(Phrasebook::english()->all()[$key])));
        }
        self::assertSame([], array_values(array_unique($missing)));
    }

    public function testNothingIsHandedToAPatternThatItDoesNotName(): void
    {
        $surplus = [];
        $checked = 0;
        foreach (self::phrases() as [$keys, $given, $where]) {
            $names = array_merge([], ...array_map(static fn (string $key): array => Phrasebook::english()->names($key), $keys));
            array_push(
                $surplus,
                ...array_map(
                    static fn (string $name): string => $where.' '.implode(', ', $keys).': '.$name,
                    array_values(array_diff($given, $names)),
                ),
            );
            $checked += \count($given);
        }
        self::assertSame([], $surplus);
        self::assertGreaterThan(300, $checked);
    }

    public function testEveryPatternCanBeReadAndSaysOther(): void
    {
        foreach (Phrasebook::english()->all() as $key => $pattern) {
            self::assertNotNull(\MessageFormatter::create('en', $pattern), $key.': '.intl_get_error_message());
            foreach (Pattern::cases($pattern) as $name => $selectors) {
                self::assertTrue([] === $selectors || \in_array('other', $selectors, true), $key.' {'.$name.'}');
            }
        }
    }

    public function testNoKeyIsWrittenTwice(): void
    {
        $files = glob(__DIR__.'/../../words/en/*.php');
        self::assertNotFalse($files);
        $all = 0;
        foreach ($files as $file) {
            preg_match_all('/^    \'([a-z0-9.-]+)\' =>/m', (string) file_get_contents($file), $found);
            $all += \count($found[1]);
            self::assertSame([], array_filter($found[1], static fn (string $key): bool => !str_starts_with($key, basename($file, '.php').'.')), $file);
        }
        self::assertSame(\count(Phrasebook::english()->all()), $all);
    }

    public function testTheCommittedPageIsWhatTheFilesSay(): void
    {
        self::assertSame(Sentences::page(), file_get_contents(__DIR__.'/../../../docs/sentences.md'), 'Run server/bin/console yardcask:write-docs.');
    }

    public function testNoSentenceHasAWordThatIsBanned(): void
    {
        $faults = [];
        foreach (Sentences::all() as $key => $texts) {
            foreach ($texts as $text) {
                foreach (self::BANNED as $banned) {
                    if (str_contains(mb_strtolower($text), $banned)) {
                        $faults[] = "$key says “{$banned}”: $text";
                    }
                }
                if (1 === preg_match(self::PLURAL_AMOUNT, $text)) {
                    $faults[] = "$key makes an amount plural: $text";
                }
            }
        }
        self::assertSame([], $faults);
    }

    public function testNoTextIsLeftInTheRules(): void
    {
        $left = [];
        foreach (['Stage', 'Assessment', 'Start'] as $folder) {
            foreach (self::literals(self::SOURCE.'/'.$folder) as [$text, $file, $line, $isForDevelopers]) {
                if (!$isForDevelopers && 1 === preg_match('/\p{L}{2,}[,;:]? \p{L}{2,}/u', $text)) {
                    $left[] = basename($file).':'.$line.' '.$text;
                }
            }
        }
        self::assertSame([], $left);
    }

    /** @return list<\BackedEnum> */
    private static function codes(): array
    {
        return array_merge(...array_map(static fn ($stage): array => $stage->findingCodes()::cases(), Assessor::stages()));
    }

    /** @return iterable<array{string, string, int, bool}> text, file, line, and whether only a developer can see it: the message of a LogicException */
    private static function literals(string $folder): iterable
    {
        foreach (self::files($folder) as $file) {
            $isForDevelopers = false;
            foreach (\PhpToken::tokenize((string) file_get_contents($file)) as $token) {
                $isForDevelopers = match (true) {
                    'LogicException' === ltrim($token->text, '\\') => true,
                    ';' === $token->text => false,
                    default => $isForDevelopers,
                };
                if ($token->is([\T_CONSTANT_ENCAPSED_STRING, \T_ENCAPSED_AND_WHITESPACE])) {
                    yield [trim($token->text, '\'"'), $file, $token->line, $isForDevelopers];
                }
            }
        }
    }

    /** @return list<string> */
    private static function files(string $folder): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof \SplFileInfo && 'php' === $file->getExtension()) {
                $files[] = $file->getPathname();
            }
        }

        return $files;
    }

    /**
     * @return iterable<array{list<string>, list<string>, string}> the keys of each phrase, the names that are handed to it where they are written
     *                                                             there, and the file
     */
    private static function phrases(): iterable
    {
        $parser = (new \PhpParser\ParserFactory())->createForNewestSupportedVersion();
        $finder = new \PhpParser\NodeFinder();
        foreach (self::files(self::SOURCE) as $file) {
            $tree = $parser->parse((string) file_get_contents($file)) ?? [];
            foreach ($finder->find($tree, self::isPhrase(...)) as $node) {
                $keys = $given = [];
                $isChosen = false;
                foreach ($node instanceof \PhpParser\Node\Expr\CallLike ? $node->getArgs() : [] as $argument) {
                    if ($argument->value instanceof \PhpParser\Node\Expr\Array_) {
                        $given = self::names($argument->value);
                    } elseif (!$argument->value instanceof \PhpParser\Node\Expr\New_) {
                        array_push($keys, ...self::keys($argument->value, $finder));
                        $isChosen = $isChosen || $argument->value instanceof \PhpParser\Node\Expr\Variable;
                    }
                }
                // A key that was chosen above is one of those that the file names.
                $keys = $isChosen ? [
                    ...$keys,
                    ...array_filter(
                        self::keys(new \PhpParser\Node\Stmt\Block($tree), $finder),
                        static fn (string $key): bool => isset(Phrasebook::english()->all()[$key]),
                    ),
                ] : $keys;
                if ([] !== $keys) {
                    yield [$keys, $given, basename($file)];
                }
            }
        }
    }

    private static function isPhrase(\PhpParser\Node $node): bool
    {
        $isNew = $node instanceof \PhpParser\Node\Expr\New_
            && $node->class instanceof \PhpParser\Node\Name
            && \in_array($node->class->getLast(), ['Phrase', 'SnagText', 'FigureText'], true);
        $isText = $node instanceof \PhpParser\Node\Expr\MethodCall && $node->name instanceof \PhpParser\Node\Identifier && 'text' === $node->name->name;

        return $isNew || $isText;
    }

    /** @return list<string> */
    private static function keys(\PhpParser\Node $node, \PhpParser\NodeFinder $finder): array
    {
        $texts = array_map(
            static fn (\PhpParser\Node\Scalar\String_ $text): string => $text->value,
            $finder->findInstanceOf([$node], \PhpParser\Node\Scalar\String_::class),
        );

        return array_values(array_filter($texts, static fn (string $text): bool => 1 === preg_match(self::KEY, $text)));
    }

    /** @return list<string> */
    private static function names(\PhpParser\Node\Expr\Array_ $array): array
    {
        $names = [];
        foreach ($array->items as $item) {
            if ($item->key instanceof \PhpParser\Node\Scalar\String_) {
                $names[] = $item->key->value;
            }
        }

        return $names;
    }
}
