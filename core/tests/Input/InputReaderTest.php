<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Input;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Input\Range;
use YardCask\Core\Plan\Use\StayStyle;

final class InputReaderTest extends TestCase
{
    /** @return iterable<string, array{string, \Closure(InputReader): mixed, mixed, list<string>}> the input, what is asked, the answer, the errors */
    public static function readings(): iterable
    {
        $number = static fn (Range $range): \Closure => static fn (InputReader $in): float => $in->number('a', $range);
        yield 'a whole number' => ['{"a":3}', $number(Range::positive()), 3.0, []];
        yield 'a fraction' => ['{"a":0.5}', $number(Range::between(0, 1)), 0.5, []];
        yield 'at the lower bound' => ['{"a":0}', $number(Range::between(0, 1)), 0.0, []];
        yield 'at the upper bound' => ['{"a":1}', $number(Range::between(0, 1)), 1.0, []];
        yield 'below' => ['{"a":-0.1}', $number(Range::between(0, 1)), null, ['/a -0.1 is outside what is allowed here: from 0 to 1.']];
        yield 'nought where more is wanted' => [
            '{"a":0}',
            $number(Range::positive()),
            null,
            ['/a 0 is outside what is allowed here: more than 0 and of ordinary size.'],
        ];
        yield 'nought where it will do' => ['{"a":0}', $number(Range::notNegative()), 0.0, []];
        yield 'beyond any size' => ['{"a":1e10}', $number(Range::any()), null, ['/a 10000000000 is outside what is allowed here: a number of ordinary size.']];
        yield 'infinite' => [
            '{"a":1e999}',
            $number(Range::any()),
            null,
            ['/a a number too large to hold is outside what is allowed here: a number of ordinary size.'],
        ];
        yield 'a number as text' => ['{"a":"3"}', $number(Range::between(0, 9)), null, ['/a This must be a number, from 0 to 9, not the text “3”.']];
        yield 'a long text' => [
            '{"a":"'.str_repeat('x', 99).'"}',
            $number(Range::between(0, 9)),
            null,
            ['/a This must be a number, from 0 to 9, not the text “'.str_repeat('x', 39).'…”.'],
        ];
        yield 'a list for a number' => ['{"a":[]}', $number(Range::between(0, 9)), null, ['/a This must be a number, from 0 to 9, not a list.']];
        yield 'an object for a number' => ['{"a":{}}', $number(Range::between(0, 9)), null, ['/a This must be a number, from 0 to 9, not an object.']];
        yield 'true for a number' => ['{"a":true}', $number(Range::between(0, 9)), null, ['/a This must be a number, from 0 to 9, not true.']];
        yield 'null' => ['{"a":null}', $number(Range::between(0, 9)), null, ['/a null is not allowed here; leave the key out where a value is optional.']];
        yield 'nothing' => ['{}', $number(Range::between(0, 9)), null, ['/a This is missing.']];
        yield 'nothing where there is a default' => ['{}', static fn (InputReader $in): float => $in->number('a', Range::any(), 7.0), 7.0, []];
        yield 'nothing where it is optional' => ['{}', static fn (InputReader $in): ?float => $in->optionalNumber('a', Range::any()), null, []];
        yield 'a text' => ['{"a":"Bü 5"}', static fn (InputReader $in): string => $in->text('a', 4), 'Bü 5', []];
        yield 'a text too long' => [
            '{"a":"abcde"}',
            static fn (InputReader $in): string => $in->text('a', 4),
            null,
            ['/a This must be a text of 1 to 4 characters on one line, not the text “abcde”.'],
        ];
        yield 'an empty text' => [
            '{"a":""}',
            static fn (InputReader $in): string => $in->text('a', 4),
            null,
            ['/a This must be a text of 1 to 4 characters on one line, not an empty text.'],
        ];
        yield 'a choice' => ['{"a":"wild"}', static fn (InputReader $in): StayStyle => $in->choice('a', StayStyle::cases()), StayStyle::Wild, []];
        yield 'no choice' => [
            '{"a":"tame"}',
            static fn (InputReader $in): StayStyle => $in->choice('a', StayStyle::cases()),
            null,
            ['/a This must be one of "sites", "mixed", "wild", not the text “tame”.'],
        ];
        yield 'a default choice' => [
            '{}',
            static fn (InputReader $in): StayStyle => $in->choice('a', StayStyle::cases(), StayStyle::Mixed),
            StayStyle::Mixed,
            [],
        ];
        yield 'yes' => ['{"a":true}', static fn (InputReader $in): bool => $in->boolean('a', false), true, []];
        yield 'neither yes nor no' => [
            '{"a":1}',
            static fn (InputReader $in): bool => $in->boolean('a', false),
            null,
            ['/a This must be true or false, not 1.'],
        ];
        yield 'numbers' => ['{"a":[1,2.5]}', static fn (InputReader $in): array => $in->numbers('a', 9, Range::any()), [1.0, 2.5], []];
        yield 'default numbers' => ['{}', static fn (InputReader $in): array => $in->numbers('a', 9, Range::any(), [4.0]), [4.0], []];
        yield 'one number wrong' => [
            '{"a":[1,"x"]}',
            static fn (InputReader $in): array => $in->numbers('a', 9, Range::between(0, 9)),
            null,
            ['/a/1 This must be a number, from 0 to 9, not the text “x”.'],
        ];
        yield 'too many' => [
            '{"a":[1,2,3]}',
            static fn (InputReader $in): array => $in->numbers('a', 2, Range::any()),
            null,
            ['/a There can be at most 2 here, but there are 3.'],
        ];
        yield 'an object within' => ['{"a":{"b":4}}', static fn (InputReader $in): float => $in->object('a')->number('b', Range::any()), 4.0, []];
        yield 'an error within' => [
            '{"a":{"b":4}}',
            static fn (InputReader $in): float => $in->object('a')->number('b', Range::between(0, 1)),
            null,
            ['/a/b 4 is outside what is allowed here: from 0 to 1.'],
        ];
        yield 'a missing object makes one error' => [
            '{}',
            static fn (InputReader $in): float => $in->object('a')->number('b', Range::any()),
            null,
            ['/a This is missing.'],
        ];
        yield 'a list of objects with a number in it' => [
            '{"a":[{"b":1},5]}',
            static fn (InputReader $in): int => \count($in->objects('a', 9)),
            null,
            ['/a/1 This must be a JSON object, not 5.'],
        ];
    }

    /**
     * @param \Closure(InputReader): mixed $ask
     * @param list<string> $errors
     */
    #[DataProvider('readings')]
    public function testReadsOrSaysWhatIsWrong(string $json, \Closure $ask, mixed $answer, array $errors): void
    {
        $in = InputReader::of(Json::decode($json));
        $found = $ask($in);
        if ([] === $errors) {
            self::assertSame($answer, $found);
            self::assertFalse($in->failed());
        }
        try {
            $in->throwIfInvalid();
            self::assertSame([], $errors);
        } catch (InvalidInput $e) {
            self::assertSame($errors, array_map(static fn ($error): string => $error->pointer.' '.$error->message, $e->errors));
            self::assertTrue($in->failed());
        }
    }

    public function testKeysThatNobodyAskedForAreNamedWithThoseThatAreKnown(): void
    {
        $in = InputReader::of(Json::decode('{"a":1,"b/c~d":2}'));
        $in->number('a', Range::any());
        $in->optionalNumber('z', Range::any());
        $in->finish();
        $this->expectExceptionMessage('/b~1c~0d “b/c~d” is not known here. Known: a, z.');
        $in->throwIfInvalid();
    }

    public function testOnlyAnObjectCanBeRead(): void
    {
        $this->expectExceptionMessage('This must be a JSON object, not a list.');
        InputReader::of([]);
    }

    public function testWholeNumbersAreWrittenWithoutAPoint(): void
    {
        self::assertSame('{"a":94,"b":0.3,"c":"é/"}', Json::encode(['a' => 94.0, 'b' => 0.3, 'c' => 'é/']));
    }
}
