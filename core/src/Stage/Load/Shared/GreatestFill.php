<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Assessment\StageWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\FillLimit;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Payload\TrailerPayload;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;

/**
 * How full all fresh tanks alike may travel: every limit is kept from there to used up, a trailer's nose stays heavy enough,
 * and what an estimate may hide is left free, or half of it, where that can be had.
 */
final readonly class GreatestFill implements StageWorkings
{
    private const MARGINS = [1.0, 0.5, 0.0];
    /** Halvings between a fill that is allowed and one that is not. */
    private const HALVINGS = 24;

    private function __construct(
        /** From 0 to 1; nothing where no fill will do. */
        public float $fraction,
        /** With less than this a limit is broken that water cures. */
        public float $leastFraction,
        public float $litres,
        /** What stops it; null when it is 1. */
        public ?LimitName $limitedBy,
        /** How much of what estimates may hide is left free: 1, a half, or nothing. */
        public float $margin,
        public bool $exists,
    ) {
    }

    public static function over(Workings $workings): static
    {
        $load = $workings->of(LoadWorkings::class);
        $tanks = $workings->of(TanksWorkings::class);
        $fullL = $tanks->fullL(WaterKind::Fresh);

        foreach (self::MARGINS as $margin) {
            $found = self::found($margin, $fullL, $load, $tanks);
            if (null !== $found) {
                return $found;
            }
        }

        return new self(0.0, 0.0, 0.0, null, 0.0, false);
    }

    public static function sections(): array
    {
        return LoadWorkings::sections();
    }

    /**
     * What must not be exceeded with the fresh tanks at some fill, drinking full and waste empty: each limit less its margin,
     * and the least nose as its share of the whole less the nose.
     *
     * @return list<FillLimit>
     */
    public static function lines(LoadWorkings $load, float $margin): array
    {
        $lines = array_map(
            static fn (LimitWorking $limit): FillLimit => new FillLimit(
                $limit->name,
                $limit->fill->emptyKg,
                $limit->fill->waterKg,
                $limit->limitKg - $margin * $limit->errorKg,
            ),
            $load->limits(),
        );
        $payload = $load->payloadIn(RigState::BrimFull);
        if ($payload instanceof TrailerPayload) {
            $leastShare = UsualNose::of($load->plan)->leastShare();
            $short = static fn (float $grossKg, float $noseKg): float => $leastShare * $grossKg - $noseKg;
            $lines[] = new FillLimit(
                LimitName::LeastNose,
                $short($payload->gross->emptyKg, $payload->nose->emptyKg),
                $short($payload->gross->waterKg, $payload->nose->waterKg),
                -$margin * EstimateError::on(LimitName::LeastNose, $load->plan),
            );
        }

        return $lines;
    }

    private static function found(float $margin, float $fullL, LoadWorkings $load, TanksWorkings $tanks): ?self
    {
        if (!self::holdsDry($margin, $load)) {
            return null;
        }
        [$least, $most, $limitedBy] = [0.0, 1.0, null];
        foreach (self::lines($load, $margin) as $line) {
            $spareKg = $line->limitKg - $line->emptyKg;
            if ($spareKg < -1e-9 && $line->waterKg >= -1e-9) {
                return null;
            }
            if ($spareKg < -1e-9) {
                $least = max($least, $spareKg / $line->waterKg);
            } elseif ($line->waterKg > 1e-9 && $spareKg / $line->waterKg < $most) {
                [$most, $limitedBy] = [$spareKg / $line->waterKg, $line->name];
            }
        }
        if ($least > $most) {
            return null;
        }
        $broken = self::brokenOnTheWay($most, $margin, $load, $tanks);
        if (null !== $broken) {
            if (null !== self::brokenOnTheWay($least, $margin, $load, $tanks)) {
                return null;
            }
            $limitedBy = $broken;
            [$allowed, $tooMuch] = [$least, $most];
            for ($i = 0; $i < self::HALVINGS; ++$i) {
                $middle = ($allowed + $tooMuch) / 2;
                $isBroken = null !== self::brokenOnTheWay($middle, $margin, $load, $tanks);
                [$allowed, $tooMuch] = $isBroken ? [$allowed, $middle] : [$middle, $tooMuch];
            }
            $most = $allowed;
        }

        return new self($most, $least, $most * $fullL, $limitedBy, $margin, true);
    }

    /** Whether the rig is well with every tank empty; no fill helps a rig that is not. */
    private static function holdsDry(float $margin, LoadWorkings $load): bool
    {
        foreach ($load->limits() as $limit) {
            if ($limit->spareIn(RigState::Dry)->kg < max(-0.05, $margin * $limit->errorKg - 0.05)) {
                return false;
            }
        }
        $dry = $load->payloadIn(RigState::Dry);
        if (!$dry instanceof TrailerPayload) {
            return true;
        }
        $spareKg = $dry->nose->kgAt(1.0) - UsualNose::of($load->plan)->leastShare() * $dry->gross->kgAt(1.0);

        return $spareKg >= $margin * EstimateError::on(LimitName::LeastNose, $load->plan) - 0.05;
    }

    /** The limit that is broken somewhere from this fill to used up; null when all hold. */
    private static function brokenOnTheWay(float $fraction, float $margin, LoadWorkings $load, TanksWorkings $tanks): ?LimitName
    {
        return self::brokenWith(
            array_map(static fn (TankWorking $working): float => WaterKind::Fresh === $working->tank->holds ? $fraction : 1.0, $tanks->all()),
            $margin,
            $load,
        );
    }

    /** @param list<float> $fractions of each tank of the plan */
    public static function brokenWith(array $fractions, float $margin, LoadWorkings $load): ?LimitName
    {
        $startsBrimFull = $load->contents->startsBrimFull();
        foreach ($startsBrimFull ? [false, true] : [false] as $wasteOfStay) {
            $passage = $load->passages()->between($fractions, $wasteOfStay);
            if (null === $passage) {
                return null;
            }
            foreach ($load->limits() as $limit) {
                if ($passage->limit($limit->name)->worstSpareKg < $margin * $limit->errorKg - 1e-6) {
                    return $limit->name;
                }
            }
            if (null === $passage->sideDifferenceKg && $passage->share->least < UsualNose::of($load->plan)->leastShare() - 1e-9) {
                return LimitName::LeastNose;
            }
        }

        return null;
    }
}
