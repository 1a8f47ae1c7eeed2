<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Payload;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Payload\Axle;
use YardCask\Core\Payload\Draw;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Payload\LoadedTank;
use YardCask\Core\Payload\PassageCalculator;
use YardCask\Core\Payload\PassageInput;
use YardCask\Core\Payload\PassageTank;
use YardCask\Core\Payload\RoadRig;
use YardCask\Core\Payload\WasteTank;

/** The worst on the way from full to used up, against every litre of that way by moments alone. */
final class PassageLawsTest extends TestCase
{
    use TestTrait;

    private const WHEELBASE_M = 3.4;
    private const TRACK_M = 1.7;

    public function testNoLitreOnTheWayIsWorseThanTheWorst(): void
    {
        $place = Generators::choose(-8, 52);
        $this->forAll(
            Generators::choose(1, 200),
            $place,
            Generators::choose(1, 200),
            $place,
            Generators::choose(1, 150),
            $place,
            Generators::choose(0, 10),
            Generators::elements(Draw::cases()),
        )
            ->then(static function (int $oneL, int $oneDm, int $otherL, int $otherDm, int $wasteL, int $wasteDm, int $shareTenths, Draw $draw): void {
                $tanks = [
                    new PassageTank(new LoadedTank('one', $oneL, 9.0, $oneDm / 10, -0.6), 1.0, $oneL / 10),
                    new PassageTank(new LoadedTank('other', $otherL, 7.0, $otherDm / 10, 0.5), 0.8, $otherL / 20),
                ];
                $waste = new WasteTank('waste', $wasteL, 6.0, $wasteDm / 10, 0.7, $shareTenths / 10, $wasteL / 4);
                $rig = new RoadRig(3500.0, self::WHEELBASE_M, new Axle(1450.0, 1850.0), new Axle(1400.0, 1850.0), self::TRACK_M, [], []);
                $passage = PassageCalculator::calculate(new PassageInput($rig, $tanks, [$waste], $draw));
                $seen = ['gross' => \INF, 'front' => \INF, 'rear' => \INF, 'side' => \INF, 'share' => \INF];
                $drawable = [0.9 * $oneL, 0.75 * $otherL];
                self::assertEqualsWithDelta(array_sum($drawable), $passage->usedL, 1e-9);
                for ($step = 0; $step <= 1000; ++$step) {
                    $usedL = $passage->usedL * $step / 1000;
                    $drawn = Draw::Together === $draw
                        ? [$drawable[0] * $step / 1000, $drawable[1] * $step / 1000]
                        : [min($drawable[0], $usedL), max(0.0, $usedL - $drawable[0])];
                    $kg = [
                        [9.0 + $oneL - $drawn[0], $oneDm / 10, -0.6],
                        [7.0 + 0.8 * $otherL - $drawn[1], $otherDm / 10, 0.5],
                        [6.0 + min($wasteL, $wasteL / 4 + $usedL * $shareTenths / 10), $wasteDm / 10, 0.7],
                    ];
                    $wholeKg = 2850.0 + array_sum(array_column($kg, 0));
                    $rearKg = 1400.0 + array_sum(array_map(static fn (array $one): float => $one[0] * $one[1], $kg)) / self::WHEELBASE_M;
                    $now = [
                        'gross' => 3500.0 - $wholeKg,
                        'front' => 1850.0 - ($wholeKg - $rearKg),
                        'rear' => 1850.0 - $rearKg,
                        'side' => 2 * array_sum(array_map(static fn (array $one): float => $one[0] * $one[2], $kg)) / self::TRACK_M,
                        'share' => ($wholeKg - $rearKg) / $wholeKg,
                    ];
                    foreach ($now as $name => $value) {
                        $seen[$name] = min($seen[$name], $value);
                    }
                }
                // A kink between two steps is missed by less than a step's litres.
                $step = $passage->usedL / 1000;
                $said = ['side' => $passage->sideDifferenceKg->least ?? \NAN, 'share' => $passage->share->least];
                foreach (LimitName::cases() as $name) {
                    if (isset($seen[$name->value])) {
                        $said[$name->value] = $passage->limit($name)->worstSpareKg;
                    }
                }
                foreach ($seen as $name => $least) {
                    self::assertLessThanOrEqual($least + 1e-6, $said[$name], $name);
                    self::assertEqualsWithDelta($least, $said[$name], ('share' === $name ? 0.002 : 4.0) * $step + 1e-6, $name);
                }
            });
    }
}
