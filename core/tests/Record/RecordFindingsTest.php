<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Record;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Record\Record;
use YardCask\Core\Record\Records;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;

/** What a plan's records and the time of day have to do with its findings. */
final class RecordFindingsTest extends TestCase
{
    private const NOW = '2026-06-01T12:00:00Z';

    /** @return iterable<string, array{list<array<string, mixed>>, list<string>, string}> records in the order of receipt, the codes that they make, and a title */
    public static function rows(): iterable
    {
        $note = static fn (int $number, string $part, string $name, array $more = []): array => $more + [
            'uuid' => self::uuid($number), 'kind' => 'note', 'part' => $part, 'part_name' => $name, 'revision' => 1,
            'happened_at' => '2026-05-01T08:00:00Z', 'note' => ['text' => 'Seen'],
        ];
        $whole = static fn (string $at): array => ['uuid' => self::uuid(1), 'kind' => 'note', 'revision' => 1, 'happened_at' => $at, 'note' => ['text' => 'Seen']];
        $takesBack = static fn (int $number, int $replaces): array => [
            'uuid' => self::uuid($number), 'kind' => 'note', 'part' => 'gone', 'revision' => 1, 'happened_at' => '2026-05-02T08:00:00Z',
            'replaces' => self::uuid($replaces), 'retracts' => true,
        ];
        $orphaned = ['use.note-orphaned'];
        yield 'no record' => [[], [], ''];
        yield 'on a tank that is there' => [[$note(1, 'tail', 'Tail tank')], [], ''];
        yield 'on one of its ports' => [[$note(1, 'drain-1', 'Drain')], [], ''];
        yield 'on what is gone' => [[$note(1, 'gone', 'Nose tank')], $orphaned, 'There are notes on Nose tank, which the plan no longer has'];
        yield 'on two that are gone, one of them twice' => [
            [$note(1, 'gone', 'Nose tank'), $note(2, '12', 'Hatch'), $note(3, 'gone', 'Bow tank', ['happened_at' => '2026-05-03T08:00:00Z'])],
            $orphaned,
            'There are notes on Hatch and Bow tank, which the plan no longer has',
        ];
        yield 'taken back' => [[$note(1, 'gone', 'Nose tank'), $takesBack(2, 1)], [], ''];
        yield 'changed, and then taken back' => [[$note(1, 'gone', 'Nose tank'), $note(2, 'gone', 'Nose tank', ['replaces' => self::uuid(1)]), $takesBack(3, 2)], [], ''];
        yield 'taken back, and changed by a device that had not heard of that' => [
            [$note(1, 'gone', 'Nose tank'), $takesBack(2, 1), $note(3, 'gone', 'Nose tank', ['replaces' => self::uuid(1)])],
            $orphaned,
            'There are notes on Nose tank, which the plan no longer has',
        ];
        yield 'an hour ahead' => [[$whole('2026-06-01T13:00:00Z')], [], ''];
        yield 'more than an hour ahead' => [[$whole('2026-06-01T13:00:01Z')], ['use.note-ahead'], 'A note is dated in the future'];
        yield 'ahead, and replaced by one that is not' => [[$whole('2026-06-03T08:00:00Z'), $note(2, 'tail', 'Tail tank', ['replaces' => self::uuid(1)])], [], ''];
    }

    /**
     * @param list<array<string, mixed>> $received
     * @param list<string> $codes
     */
    #[DataProvider('rows')]
    public function testAreFoundWhereTheyMatter(array $received, array $codes, string $title): void
    {
        $plan = SamplePlans::demos()['fellside'];
        $records = Records::of(array_map(static fn (array $one): Record => Record::read(Json::decode(Json::encode($one))), $received));
        $assessment = Assessor::assess($plan, 'use', null, null, $records, new \DateTimeImmutable(self::NOW));
        $found = array_values(array_filter($assessment->findings, static fn (SentFinding $one): bool => str_starts_with($one->code, 'use.note-')));
        self::assertSame($codes, array_map(static fn (SentFinding $one): string => $one->code, $found));
        self::assertSame($title, $found[0]->title ?? '');
        $again = Assessor::assess($plan, 'use', null, null, $records, new \DateTimeImmutable(self::NOW));
        self::assertSame(Json::encode($assessment), Json::encode($again), 'The same three give the same bytes.');
        self::assertSame([], array_filter(Assessor::assess($plan, 'use')->findings, static fn (SentFinding $one): bool => str_starts_with($one->code, 'use.note-')));
    }

    private static function uuid(int $number): string
    {
        return \sprintf('00000000-0000-4000-8000-%012d', $number);
    }
}
