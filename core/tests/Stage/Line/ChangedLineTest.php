<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Tests\SamplePlans;

/** A line that was changed is solved again only where the change is felt. */
final class ChangedLineTest extends TestCase
{
    public function testWhatIsTakenFromThePlanBeforeIsWhatWouldBeFoundAnew(): void
    {
        $tried = $kept = 0;
        for ($seed = 1; $seed <= 40; ++$seed) {
            $plan = SamplePlans::varied($seed);
            $before = Workings::over($plan, SampleLines::stock());
            self::found($before);
            foreach (Assessor::fixes($plan, 'line', SampleLines::stock()) as $ofFinding) {
                foreach ($ofFinding->fixes as $fix) {
                    $changed = SamplePlans::patched($plan, (string) json_encode($fix->patch));
                    $after = $before->with(Plan::read($changed));
                    self::assertEqualsWithDelta(self::found(Workings::over($after->plan)), self::found($after), 1e-6, "Seed $seed, {$fix->label}");
                    $kept += self::kept($before, $after);
                    ++$tried;
                }
            }
        }
        self::assertGreaterThan(60, $tried);
        self::assertGreaterThan($tried, $kept);
    }

    /** @return iterable<string, array{\Closure(SampleLines): SampleLines, string, bool}> a change, an outlet that is opened, and whether its flow is known already */
    public static function changes(): iterable
    {
        yield 'a tap is not felt at another' => [
            static fn (SampleLines $line): SampleLines => $line->figures('Basin tap', ['openLpm' => 3.0]),
            'Galley tap',
            true,
        ];
        yield 'a tap is felt at itself' => [static fn (SampleLines $line): SampleLines => $line->figures('Basin tap', ['openLpm' => 3.0]), 'Basin tap', false];
        yield 'a pipe is felt where it leads' => [
            static fn (SampleLines $line): SampleLines => $line->piped('Galley tap', 'in', ['lengthM' => 9.0]),
            'Galley tap',
            false,
        ];
        yield 'a pipe is not felt elsewhere' => [
            static fn (SampleLines $line): SampleLines => $line->piped('Galley tap', 'in', ['lengthM' => 9.0]),
            'Basin tap',
            true,
        ];
        yield 'a pump is felt everywhere' => [
            static fn (SampleLines $line): SampleLines => $line->figures('Pressure pump', ['cutOutKpa' => 250.0, 'curve' => SampleLines::curve(250.0)]),
            'Galley tap',
            false,
        ];
    }

    /** @param \Closure(SampleLines): SampleLines $change */
    #[DataProvider('changes')]
    public function testOnlyWhatIsFeltIsSolvedAgain(\Closure $change, string $outlet, bool $isKnown): void
    {
        $line = SampleLines::of(SystemType::Pressure);
        $changed = $change($line);
        self::assertNotEquals($line->plan, $changed->plan);
        $before = Workings::over($line->plan);
        $was = $before->of(LineWorkings::class)->alone($line->part($outlet));
        $is = $before->with($changed->plan)->of(LineWorkings::class)->alone($changed->part($outlet));
        self::assertSame($isKnown, $was->rounds[0]->solved === $is->rounds[0]->solved);
    }

    /** @return array<string, float> every flow and every highest pressure */
    private static function found(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $found = [];
        foreach ($line->graph->outlets as $outlet) {
            foreach ([$line->alone($outlet), $line->aloneOnMains($outlet)] as $number => $solved) {
                foreach ($solved->line->linksLpm as $id => $lpm) {
                    $found["$outlet->id $number $id"] = $lpm;
                }
            }
        }
        foreach ($line->rated() as $one) {
            $found['peak '.$one->id().(null === $one->joint ? '' : ' joint')] = $one->peak->kpa();
        }

        return $found;
    }

    /** How many of the outlets' flows were known already. */
    private static function kept(Workings $before, Workings $after): int
    {
        $kept = 0;
        foreach ($after->of(LineWorkings::class)->graph->outlets as $outlet) {
            foreach ($before->of(LineWorkings::class)->graph->outlets as $was) {
                $isSame = $was->id === $outlet->id
                    && $before->of(LineWorkings::class)->alone($was)->rounds[0]->solved === $after->of(LineWorkings::class)->alone($outlet)->rounds[0]->solved;
                $kept += $isSame ? 1 : 0;
            }
        }

        return $kept;
    }
}
