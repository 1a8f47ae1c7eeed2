<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\IssuedNumbers;
use YardCask\Core\Plan\PartIds;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Tests\SamplePlans;

/** No id is given to two parts, whatever was added, removed, undone or gone back to. */
final class IssuedNumbersTest extends TestCase
{
    public function testAnIdIsNeverGivenAgain(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $saved = PartIds::issued(SamplePlans::fellside());
        $states = [$saved];
        $given = array_fill_keys(PartIds::of($saved), true);
        for ($step = 0; $step < 300; ++$step) {
            $plan = $saved;
            $does = $random->getInt(0, 3);
            if (0 === $does && \count($plan->tanks) < Plan::MOST_TANKS) {
                $id = FreeId::of('tank', $plan);
                self::assertArrayNotHasKey($id, $given, 'Step '.$step);
                $given[$id] = true;
                $plan = self::withTanks([...$plan->tanks, self::another($id, $plan)], $plan);
            } elseif (1 === $does && \count($plan->tanks) > 1) {
                $gone = $random->getInt(1, \count($plan->tanks) - 1);
                $plan = self::withTanks(array_values(array_filter($plan->tanks, static fn (int $at): bool => $at !== $gone, \ARRAY_FILTER_USE_KEY)), $plan);
            } elseif (2 === $does) {
                // Undone, or an earlier revision again: what had been issued by then is all that it tells of.
                $plan = $states[$random->getInt(0, \count($states) - 1)];
            }
            $saved = PartIds::issued(Plan::fromJson($plan->toJson()), $saved);
            $states[] = $saved;
        }
        self::assertGreaterThan(50, \count($given) - \count(PartIds::of($states[0])));
    }

    public function testSeveralFollowEachOtherPastWhatWasIssuedAndWhatIsToCome(): void
    {
        $plan = PartFields::changed(SamplePlans::fellside(), ['issued' => new IssuedNumbers(['tank' => 7, 'vent' => 2])]);
        self::assertSame('tank-8', FreeId::of('tank', $plan));
        self::assertSame(['tank-8', 'tank-9'], FreeId::several('tank', 2, $plan));
        self::assertSame('tank-10', FreeId::of('tank', $plan, 2));
        self::assertSame('tank-9', FreeId::besides('tank', ['tank-8', 'tank-10'], $plan));
        self::assertSame('crate-1', FreeId::of('crate', $plan));
        $most = PartFields::changed($plan, ['issued' => new IssuedNumbers(['tank' => IssuedNumbers::MOST])]);
        $first = FreeId::of('tank', $most);
        $with = self::withTanks([...$most->tanks, self::another($first, $most)], $most);
        self::assertNotSame($first, FreeId::of('tank', $with), 'Beyond the most no two are the same either.');
    }

    public function testAPlanOfAnEarlierVersionTellsAsFarAsItsPartsDo(): void
    {
        $document = json_decode(SamplePlans::fellsideFile());
        unset($document->issued);
        $document->version = 9;
        $document->tanks[0]->id = 'tank-41';
        foreach ($document->line->pipes as $pipe) {
            foreach (['from', 'to'] as $end) {
                $pipe->{$end} = preg_replace('/^[^.]+(?=\.outlet)/', 'tank-41', $pipe->{$end});
            }
        }
        $plan = Plan::read($document);
        self::assertSame(41, $plan->issued->of('tank'));
        self::assertSame(array_map(intval(...), $plan->issued->highest), (new IssuedNumbers())->with(PartIds::of($plan))->highest);
        self::assertSame($plan->toJson(), Plan::fromJson($plan->toJson())->toJson());
    }

    public function testBothAccountsCount(): void
    {
        $here = new IssuedNumbers(['tank' => 3, 'pipe' => 9]);
        self::assertSame(['bay' => 1, 'pipe' => 9, 'tank' => 5], $here->and(new IssuedNumbers(['tank' => 5, 'bay' => 1, 'pipe' => 2]))->highest);
        $ids = ['tank-12', 'tank-x7kq', 'axle-front', 'spare', 'run-point-4', 'tank-9999999'];
        self::assertSame(['run-point' => 4, 'tank' => 12], (new IssuedNumbers())->with($ids)->highest);
    }

    /** @return iterable<string, array{string, string}> what stands there, and where it is refused */
    public static function refused(): iterable
    {
        yield 'none' => ['{"tank":0}', '/tank'];
        yield 'half a number' => ['{"tank":1.5}', '/tank'];
        yield 'too many' => ['{"tank":1000000}', '/tank'];
        yield 'a text' => ['{"tank":"3"}', '/tank'];
        yield 'what no id begins with' => ['{"Tank":3}', '/Tank'];
        yield 'a list' => ['[3]', ''];
    }

    #[DataProvider('refused')]
    public function testWhatIsNoNumberIsSaidAtItsPlace(string $json, string $pointer): void
    {
        try {
            $in = InputReader::of(json_decode($json));
            IssuedNumbers::read($in);
            $in->throwIfInvalid();
            self::fail('It was read.');
        } catch (InvalidInput $refusal) {
            self::assertSame($pointer, $refusal->errors[0]->pointer);
        }
    }

    private static function another(string $id, Plan $plan): PlannedTank
    {
        return PartFields::changed($plan->tanks[0], ['id' => $id, 'name' => $id, 'ports' => [], 'levels' => []]);
    }

    /** @param list<PlannedTank> $tanks */
    private static function withTanks(array $tanks, Plan $plan): Plan
    {
        return PartFields::changed($plan, ['tanks' => $tanks]);
    }
}
