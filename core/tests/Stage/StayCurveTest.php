<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Load\Drawing\StayCurve;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Tests\SamplePlans;

/** What is left to each limit, litre by litre. */
final class StayCurveTest extends TestCase
{
    public function testItBeginsBrimFullAndNeverFallsBelowTheWorstOnTheWay(): void
    {
        $drawn = 0;
        for ($seed = 1; $seed <= 120; ++$seed) {
            $workings = Workings::over(SamplePlans::varied($seed));
            $curve = StayCurve::of($workings);
            if (null === $curve) {
                continue;
            }
            ++$drawn;
            $load = $workings->of(LoadWorkings::class);
            foreach ($load->limits() as $index => $limit) {
                $kg = $curve->limits[$index]->kg;
                self::assertEqualsWithDelta($limit->spareIn(RigState::BrimFull)->kg, $kg[0], 1e-6, "seed {$seed}");
                self::assertGreaterThanOrEqual($limit->fromBrimFull->kg - 1e-6, min($kg), "seed {$seed}");
                if ($load->contents->startsBrimFull()) {
                    self::assertEqualsWithDelta($limit->spareIn(RigState::UsedUp)->kg, $kg[\count($kg) - 1], 1e-6, "seed {$seed}");
                }
            }
        }
        self::assertGreaterThan(60, $drawn);
    }
}
