<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Plan\Load\PlannedSeat;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\LineThen;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Rig\Weighing;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Shared\LineWeight;
use YardCask\Core\Words\Phrase;

/**
 * What the axles, or a trailer's whole and nose, carry before anything on the plan's lists comes aboard: as weighed, less
 * what was aboard then and is listed too, and with the fuel that was missing. An estimate is taken as it is.
 */
final readonly class BaseWeights
{
    /** @param list<array{Phrase, float, float}> $corrections what it is, and what it adds to the first and to the second weight, in kg */
    private function __construct(
        /** Of the front axle, or of a whole trailer. */
        public float $firstKg,
        /** Of the rear axle, or of a trailer's nose. */
        public float $secondKg,
        public array $corrections,
    ) {
    }

    /**
     * @param list<LineWeight> $line what the line weighs now, with what joins and holds it
     * @param list<LineWeight> $ofTanks what joins and holds the tanks
     */
    public static function of(Plan $plan, ?PlannedSeat $driver, array $line, array $ofTanks): self
    {
        $rig = $plan->load->rig;
        $tanks = self::tanks($plan, $ofTanks);

        return match (true) {
            $rig instanceof PlannedRoadRig => $rig->isOnlyWholeWeighed()
                ? self::sharedOut($rig, self::onRoad($rig, $driver, $tanks, $line))
                : self::corrected($rig->frontWeighing(), $rig->rearWeighing(), self::onRoad($rig, $driver, $tanks, $line)),
            $rig instanceof PlannedTrailer => self::corrected($rig->whole, $rig->nose, self::onTrailer($rig, $tanks, $line)),
            default => new self(0.0, 0.0, []),
        };
    }

    /** @param list<array{Phrase, float, float}> $corrections */
    private static function corrected(Weighing $first, Weighing $second, array $corrections): self
    {
        $corrections = array_map(
            static fn (array $one): array => [$one[0], $first->isWeighed() ? $one[1] : 0.0, $second->isWeighed() ? $one[2] : 0.0],
            $corrections,
        );
        $corrections = array_values(array_filter($corrections, static fn (array $one): bool => 0.0 !== $one[1] || 0.0 !== $one[2]));

        return new self($first->kg() + array_sum(array_column($corrections, 1)), $second->kg() + array_sum(array_column($corrections, 2)), $corrections);
    }

    /**
     * The ticket of the whole, corrected, on the axles as the estimates have it.
     *
     * @param list<array{Phrase, float, float}> $corrections
     */
    private static function sharedOut(PlannedRoadRig $rig, array $corrections): self
    {
        [$frontKg, $rearKg] = [$rig->frontWeighing()->estimatedKg, $rig->rearWeighing()->estimatedKg];
        $front = $frontKg + $rearKg > 0 ? $frontKg / ($frontKg + $rearKg) : 0.5;
        $corrections = array_map(static fn (array $one): array => [$one[0], $front * ($one[1] + $one[2]), (1 - $front) * ($one[1] + $one[2])], $corrections);
        $corrections = array_values(array_filter($corrections, static fn (array $one): bool => 0.0 !== $one[1] + $one[2]));
        $wholeKg = $rig->wholeWeighedKg ?? 0.0;

        return new self(
            $front * $wholeKg + array_sum(array_column($corrections, 1)),
            (1 - $front) * $wholeKg + array_sum(array_column($corrections, 2)),
            $corrections,
        );
    }

    /**
     * @param list<array{Phrase, float, float}> $tanks
     * @param list<LineWeight> $line
     *
     * @return list<array{Phrase, float, float}>
     */
    private static function onRoad(PlannedRoadRig $rig, ?PlannedSeat $driver, array $tanks, array $line): array
    {
        $wheelbaseM = $rig->wheelbaseM();
        $at = static fn (Phrase $what, float $kg, float $xM): array => [$what, $kg * (1 - $xM / $wheelbaseM), $kg * $xM / $wheelbaseM];
        $corrections = [];
        if ($rig->weighedWithDriver && null !== $driver) {
            $corrections[] = $at(new Phrase('load.sum.driver'), -$driver->kg, $driver->xM);
        }
        array_push($corrections, ...array_map(static fn (array $one): array => $at($one[0], -$one[1], $one[2]), $rig->weighedWithTanks ? $tanks : []));
        $corrections[] = self::lineThen($rig->weighedWithLine, $line, $at);
        // Where the fuel tank is, nobody asks: between the axles is near enough.
        $corrections[] = $at(new Phrase('load.sum.fuel'), (1 - $rig->weighedFuel) * $rig->fuelKg, $wheelbaseM / 2);

        return $corrections;
    }

    /**
     * @param list<array{Phrase, float, float}> $tanks
     * @param list<LineWeight> $line
     *
     * @return list<array{Phrase, float, float}>
     */
    private static function onTrailer(PlannedTrailer $rig, array $tanks, array $line): array
    {
        $axleM = $rig->axle()->xM;
        $at = static fn (Phrase $what, float $kg, float $xM): array => [$what, $kg, $kg * (1 - $xM / $axleM)];

        return [
            ...array_map(static fn (array $one): array => $at($one[0], -$one[1], $one[2]), $rig->weighedWithTanks ? $tanks : []),
            self::lineThen($rig->weighedWithLine, $line, $at),
        ];
    }

    /**
     * @param list<LineWeight> $fittings
     *
     * @return list<array{Phrase, float, float}> each tank, and what joins and holds them: its weight in kg, and how far along the rig it is
     */
    private static function tanks(Plan $plan, array $fittings): array
    {
        $tank = static fn (PlannedTank $one): array => [new Phrase('load.sum.tank-aboard', ['tank' => $one->name]), $one->allEmptyKg(), $one->xM];
        $fitting = static fn (LineWeight $one): array => [new Phrase('load.sum.fittings-aboard'), $one->ownKg, $one->xM];

        return [...array_map($tank, $plan->tanks), ...array_map($fitting, $fittings)];
    }

    /**
     * What of the line stood on the scale, taken off.
     *
     * @param list<LineWeight> $line
     * @param \Closure(Phrase, float, float): array{Phrase, float, float} $at
     *
     * @return array{Phrase, float, float}
     */
    private static function lineThen(LineThen $then, array $line, \Closure $at): array
    {
        $what = new Phrase('load.sum.line-aboard', ['then' => $then]);
        [$firstKg, $secondKg] = [0.0, 0.0];
        foreach (LineThen::Out === $then ? [] : $line as $one) {
            [, $first, $second] = $at($what, LineThen::Full === $then ? -$one->kg() : -$one->ownKg, $one->xM);
            $firstKg += $first;
            $secondKg += $second;
        }

        return [$what, $firstKg, $secondKg];
    }
}
