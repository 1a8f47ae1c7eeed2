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

    /** @param list<LineWeight> $line what the line weighs now */
    public static function of(Plan $plan, ?PlannedSeat $driver, array $line): self
    {
        $rig = $plan->load->rig;

        return match (true) {
            $rig instanceof PlannedRoadRig => $rig->isOnlyWholeWeighed()
                ? self::sharedOut($rig, self::onRoad($rig, $plan, $driver, $line))
                : self::corrected($rig->frontWeighing(), $rig->rearWeighing(), self::onRoad($rig, $plan, $driver, $line)),
            $rig instanceof PlannedTrailer => self::corrected($rig->whole, $rig->nose, self::onTrailer($rig, $plan, $line)),
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
     * @param list<LineWeight> $line
     *
     * @return list<array{Phrase, float, float}>
     */
    private static function onRoad(PlannedRoadRig $rig, Plan $plan, ?PlannedSeat $driver, array $line): array
    {
        $wheelbaseM = $rig->wheelbaseM();
        $at = static fn (Phrase $what, float $kg, float $xM): array => [$what, $kg * (1 - $xM / $wheelbaseM), $kg * $xM / $wheelbaseM];
        $corrections = [];
        if ($rig->weighedWithDriver && null !== $driver) {
            $corrections[] = $at(new Phrase('load.sum.driver'), -$driver->kg, $driver->xM);
        }
        if ($rig->weighedWithTanks) {
            array_push(
                $corrections,
                ...array_map(static fn (PlannedTank $tank): array => $at(self::tank($tank), -$tank->allEmptyKg(), $tank->xM), $plan->tanks),
            );
        }
        $corrections[] = self::lineThen($rig->weighedWithLine, $line, $at);
        // Where the fuel tank is, nobody asks: between the axles is near enough.
        $corrections[] = $at(new Phrase('load.sum.fuel'), (1 - $rig->weighedFuel) * $rig->fuelKg, $wheelbaseM / 2);

        return $corrections;
    }

    /**
     * @param list<LineWeight> $line
     *
     * @return list<array{Phrase, float, float}>
     */
    private static function onTrailer(PlannedTrailer $rig, Plan $plan, array $line): array
    {
        $axleM = $rig->axle()->xM;
        $at = static fn (Phrase $what, float $kg, float $xM): array => [$what, $kg, $kg * (1 - $xM / $axleM)];

        return [
            ...array_map(
                static fn (PlannedTank $tank): array => $at(self::tank($tank), -$tank->allEmptyKg(), $tank->xM),
                $rig->weighedWithTanks ? $plan->tanks : [],
            ),
            self::lineThen($rig->weighedWithLine, $line, $at),
        ];
    }

    private static function tank(PlannedTank $tank): Phrase
    {
        return new Phrase('load.sum.tank-aboard', ['tank' => $tank->name]);
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
