<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Runs\PlannedRun;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\Obstacles;
use YardCask\Core\Stage\Tanks\Shared\PlaceInBay;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Tank\TankVolumeCalculator;
use YardCask\Core\Words\Phrasebook;

/**
 * Puts tanks into a plan that has none: where they usually go, or else where every limit holds, one or two of them or a row of cans; and the cans for
 * drinking.
 */
final class TankPlacer
{
    private const STEP_M = 0.1;
    /** A smaller difference does not matter, in litres. */
    private const NEAR_L = 1.0;
    /** The share of the need that should be aboard on the road too: nobody knows what comes out of the tap on arrival. A rule of thumb. */
    private const ON_THE_ROAD = 0.5;
    /** How much a litre on the road counts against a litre on arrival, where neither is enough. A rule of thumb. */
    private const A_LITRE_ON_THE_ROAD = 0.1;
    /** A second tank for less than this, in litres, is not worth its fittings: the first one leaves it so much. A rule of thumb. */
    private const LEAST_L = 30.0;
    private const MOST_CANS_IN_A_ROW = 8;
    /** Entries of drinking cans for which there stays room in the list. */
    private const MOST_DRINKING = 4;

    public static function placed(Plan $plan, StartingRig $starting): Plan
    {
        $needL = Workings::over($plan)->of(UseWorkings::class)->need(Supply::Main)->carryL;
        $best = self::best($plan, $starting, $needL);
        $carriedL = RoadFill::carriedL($best);
        if ($carriedL > 0 && $carriedL < $needL - self::NEAR_L && !WaterAboard::isBrimmedOnArrival(Workings::over($best))) {
            // Water that may not travel never gets there, so smaller tanks do as well and weigh less.
            $smaller = self::best($plan, $starting, $carriedL);
            $best = RoadFill::carriedL($smaller) > $carriedL - self::NEAR_L ? $smaller : $best;
        }

        return self::inBays($best);
    }

    /** Each tank that happens to stand within a bay, with room for its fittings, is said to stand in it. */
    private static function inBays(Plan $plan): Plan
    {
        return PartFields::changed($plan, ['tanks' => array_map(static function (PlannedTank $tank) use ($plan): PlannedTank {
            foreach ($plan->bays as $bay) {
                if (PlaceInBay::isWithin($tank, $bay, $plan) && 0.0 === PlaceInBay::tooLargeMm($tank, $bay) && BayTank::leavesRoom($tank, $bay)) {
                    return PartFields::changed($tank, ['bay' => $bay->id]);
                }
            }

            return $tank;
        }, $plan->tanks)]);
    }

    /** A tank that was named after its bay and then moved to another takes that bay’s name, and so do its hoses. */
    public static function namedByBay(Plan $plan): Plan
    {
        $names = array_map(self::nameIn(...), array_column($plan->bays, null, 'id'));
        $tanks = $plan->tanks;
        $newNames = [];
        foreach ($tanks as $index => $tank) {
            $name = $names[$tank->bay ?? ''] ?? $tank->name;
            if (\in_array($tank->name, $names, true) && !\in_array($name, array_column($tanks, 'name'), true)) {
                $tanks[$index] = $tank->named($name);
                $newNames[$tank->name] = $name;
            }
        }
        $runs = array_map(static fn (PlannedRun $run): PlannedRun => PartFields::changed($run, ['name' => strtr($run->name, $newNames)]), $plan->runs);

        return [] === $newNames ? $plan : PartFields::changed($plan, ['tanks' => $tanks, 'runs' => $runs]);
    }

    private static function nameIn(PlannedBay $bay): string
    {
        return $bay->name.' tank';
    }

    /** @param float $needL the tanks are to give, in litres */
    private static function best(Plan $plan, StartingRig $starting, float $needL): Plan
    {
        $holding = $fallback = $brimFull = $most = null;
        foreach (self::candidates($plan, $starting, $needL) as $tanks) {
            $full = self::withDrinking(self::with($plan, $tanks));
            $candidate = RoadFill::withMargin($full);
            if (self::holds($candidate)) {
                // Where they are filled up on arrival, tanks that can travel full are better than others.
                $travelL = RoadFill::travelL($candidate);
                if ($travelL >= self::ON_THE_ROAD * $needL) {
                    return $candidate;
                }
                $holding = null !== $holding && $holding[0] >= $travelL - self::NEAR_L ? $holding : [$travelL, $candidate];
                continue;
            }
            // A plan without a margin for estimated weights says so; that is better than one that runs dry.
            $brimFull ??= self::holds($full) ? $full : null;
            $fallback ??= $candidate;
            // If the rig cannot carry what is needed, carry as much as it may.
            $filled = null === $brimFull ? RoadFill::forFittings($full) : $full;
            $scoreL = RoadFill::carriedL($filled) + self::A_LITRE_ON_THE_ROAD * RoadFill::travelL($filled);
            if (null === $brimFull && (null === $most || $scoreL > $most[0] + self::NEAR_L) && self::isAllowed($filled)) {
                $most = [$scoreL, $filled];
            }
        }

        return $holding[1] ?? $brimFull ?? $most[1] ?? $fallback ?? $plan;
    }

    /**
     * The usual place first, then one tank along the rig, one in each bay, and two along the rig, the nearer to the usual place the sooner. Cans are
     * tried last:
     * they weigh half of what a tank does and can be emptied to the last litre, which carries a tight limit.
     *
     * @return iterable<list<PlannedTank>>
     */
    private static function candidates(Plan $plan, StartingRig $starting, float $needL): iterable
    {
        if ($needL <= 0) {
            yield [];

            return;
        }
        $at = static fn (PlannedTank $tank, float $xM, float $yM): PlannedTank => PartFields::changed(
            $tank,
            ['xM' => round($xM, 3), 'yM' => round($yM, 3), 'zM' => $starting->tankZM],
        );
        $one = $needL <= TankProposal::CAN_L
            ? TankProposal::cans('can-1', WaterKind::Fresh, 1, $plan->units)
            : TankProposal::fixed(
                'tank-1',
                WaterKind::Fresh,
                $needL,
                $starting->tankWidthMm,
                $starting->tankHeightMm,
                $starting->tankMaxLengthMm,
                $plan->units,
            );
        yield [$at($one, $starting->tankXM, $starting->tankYM)];
        foreach (self::along($one, $plan, $starting) as $xM) {
            yield [$at($one, $xM, $starting->tankYM)];
        }
        $several = self::oneInEachBay($needL, $plan);
        if (\count($several) > 1) {
            yield $several;
        }
        yield from self::pairs($needL, $at, $plan, $starting);
        $cans = (int) ceil($needL / TankProposal::CAN_L - 1e-9);
        if ($cans > 1 && $cans <= self::MOST_CANS_IN_A_ROW) {
            $row = TankProposal::cans('can-1', WaterKind::Fresh, $cans, $plan->units);
            foreach (self::along($row, $plan, $starting) as $xM) {
                yield [$at($row, $xM, $starting->tankYM)];
            }
        }
    }

    /**
     * A tank to the left and one to the right, each for half the need.
     *
     * @param \Closure(PlannedTank, float, float): PlannedTank $at
     *
     * @return iterable<list<PlannedTank>>
     */
    private static function pairs(float $needL, \Closure $at, Plan $plan, StartingRig $starting): iterable
    {
        $half = TankProposal::fixed(
            'tank-1',
            WaterKind::Fresh,
            $needL / 2,
            $starting->tankWidthMm,
            $starting->tankHeightMm,
            $starting->tankMaxLengthMm,
            $plan->units,
        );
        $besideM = min($plan->load->rig->sizes()->widthM / 2 - $half->widthMm / 2000, max(abs($starting->tankYM), $half->widthMm / 2000 + 0.02));
        if ($besideM < $half->widthMm / 2000) {
            return;
        }
        foreach (self::along($half, $plan, $starting) as $xM) {
            foreach ([0.0, self::STEP_M] as $behindM) {
                yield [
                    $at($half->named(Phrasebook::english()->fill('tanks.new.left', [])), $xM, -$besideM),
                    $at(
                        PartFields::changed($half, ['id' => 'tank-2', 'name' => Phrasebook::english()->fill('tanks.new.right', [])]),
                        $xM + $behindM,
                        $besideM,
                    ),
                ];
            }
        }
    }

    /** @return list<PlannedTank> a tank in each bay in turn, as large as it takes, until they give what is needed */
    private static function oneInEachBay(float $needL, Plan $plan): array
    {
        $tanks = [];
        foreach ($plan->bays as $index => $bay) {
            $filling = static fn (float $litres): ?PlannedTank => $litres > 0 && \count($tanks) < Plan::MOST_TANKS - self::MOST_DRINKING
                ? BayTank::filling($bay, WaterKind::Fresh, $litres, 'tank-'.(\count($tanks) + 1), self::with($plan, $tanks))
                : null;
            $tank = $filling($needL);
            $restL = null === $tank ? 0.0 : $needL - self::givesL($tank);
            if ($restL > self::NEAR_L && $restL < self::LEAST_L && isset($plan->bays[$index + 1])) {
                $tank = $filling($needL - self::LEAST_L) ?? $tank;
            }
            if (null !== $tank) {
                $tanks[] = $tank->named(self::nameIn($bay));
                $needL -= self::givesL($tank);
            }
        }

        return $tanks;
    }

    /** What can be drawn from a tank once it has its overflow. */
    private static function givesL(PlannedTank $tank): float
    {
        return TankVolumeCalculator::calculate(TankProposal::belowItsOverflow($tank)->tankInput())->usableL;
    }

    /** @return list<float> places of a tank's middle along the rig, the nearest to the usual one first */
    private static function along(PlannedTank $tank, Plan $plan, StartingRig $starting): array
    {
        $rig = $plan->load->rig;
        $fromM = $rig->bodyFromM() + $tank->rowMm() / 2000;
        $toM = $rig->bodyFromM() + $rig->sizes()->lengthM - $tank->rowMm() / 2000;
        $places = [];
        for ($xM = $fromM; $xM <= $toM + 1e-9; $xM += self::STEP_M) {
            $places[] = $xM;
        }
        usort($places, static fn (float $a, float $b): int => abs($a - $starting->tankXM) <=> abs($b - $starting->tankXM));

        return $places;
    }

    /** @param list<PlannedTank> $tanks */
    private static function with(Plan $plan, array $tanks): Plan
    {
        return PartFields::changed($plan, ['tanks' => [...$plan->tanks, ...$tanks]]);
    }

    /** As many drinking cans as are needed, in rows for which there is room. */
    private static function withDrinking(Plan $plan): Plan
    {
        $needL = Workings::over($plan)->of(UseWorkings::class)->need(Supply::Drinking)->carryL;
        $cans = (int) ceil($needL / TankProposal::DRINKING_CAN_L - 1e-9);
        $row = self::MOST_CANS_IN_A_ROW;
        while ($cans > 0 && $row > 0 && \count($plan->tanks) < Plan::MOST_TANKS) {
            $row = min($row, $cans);
            $tank = FreePlace::onFloor(TankProposal::cans(FreeId::of('drinking', $plan), WaterKind::Drinking, $row, $plan->units), $plan->load->rig);
            $settled = FreePlace::settled($tank->named(FreeName::of($tank->name, array_column($plan->tanks, 'name'))), $plan);
            if (null === $settled) {
                $row = intdiv($row, 2);
                continue;
            }
            $plan = self::with($plan, [$settled]);
            $cans -= $row;
        }

        return $plan;
    }

    /** Whether nothing is short, also once the tanks have their overflows, and every limit holds in every state. */
    public static function holds(Plan $plan): bool
    {
        $fitted = Workings::over(PartFields::changed($plan, ['tanks' => array_map(TankProposal::belowItsOverflow(...), $plan->tanks)]));
        $use = $fitted->of(UseWorkings::class);

        return $use->need(Supply::Main)->carryL - $fitted->of(WaterAboard::class)->usableL < 0.05
            && $use->need(Supply::Drinking)->carryL - $fitted->of(TanksWorkings::class)->usableL(WaterKind::Drinking) < 0.05
            && self::isAllowed($plan);
    }

    /** Whether every limit holds in every state, and every tank stands where it can. */
    private static function isAllowed(Plan $plan): bool
    {
        $workings = Workings::over($plan);
        $load = $workings->of(LoadWorkings::class);
        if (!RoadFill::leaves(0.0, $plan)) {
            return false;
        }
        $rig = $plan->load->rig;
        foreach (RigState::cases() as $state) {
            $payload = $load->payloadIn($state);
            if ($rig instanceof PlannedBoat && $payload instanceof BoatPayload && $payload->gmEffectiveM < $rig->leastGmM()) {
                return false;
            }
        }
        foreach ($plan->tanks as $tank) {
            if (!FreePlace::isInside($tank, $plan->load->rig) || !FreePlace::isFree($tank, Obstacles::to($tank, $plan))) {
                return false;
            }
        }

        return $workings->of(GreatestFill::class)->exists;
    }
}
