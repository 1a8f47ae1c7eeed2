<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/**
 * Every limit on the way from full to used up, with what was used in the waste tanks.
 *
 * Between two kinks (a tank is drawn out, a waste tank is full) every weight changes in a straight line with the litres
 * used, and a share of the whole, the quotient of two straight lines, rises or falls throughout; so the worst stands at a kink.
 * Source: statics, moments as in the payload calculators.
 */
final class PassageCalculator
{
    public static function calculate(PassageInput $input): Passage
    {
        $usedL = array_sum(array_map(static fn (PassageTank $tank): float => $tank->drawableL(), $input->tanks));
        $wasteFullAtL = [];
        $spares = $sides = $shares = [];
        foreach ($input->waste as $waste) {
            $fullAtL = $waste->fullAtUsedL();
            $wasteFullAtL[$waste->name] = null !== $fullAtL && $fullAtL <= $usedL ? $fullAtL : null;
        }
        foreach (self::kinks($input, $usedL, $wasteFullAtL) as $atL) {
            $payload = self::payloadAt($atL, $usedL, $input);
            foreach ($payload->limits() as $limit) {
                $spares[$limit->name->value][] = [$atL, $limit->spareAt(1.0)];
            }
            if ($payload instanceof RoadPayload) {
                $sides[] = [$atL, $payload->sideDifferenceKg];
                $shares[] = [$atL, $payload->gross->kgAt(1.0) > 0 ? $payload->front->kgAt(1.0) / $payload->gross->kgAt(1.0) : 0.0];
            } else {
                $shares[] = [$atL, $payload->noseShareAt(1.0)];
            }
        }
        $limits = [];
        foreach ($spares as $name => $points) {
            $worst = Extremes::of($points);
            $limits[] = new PassageLimit(LimitName::from($name), $worst->least, $worst->leastAtUsedL);
        }

        return new Passage($usedL, $limits, [] === $sides ? null : Extremes::of($sides), Extremes::of($shares), $wasteFullAtL);
    }

    /** The rig after some litres are used. */
    public static function payloadAt(float $atL, float $usedL, PassageInput $input): RoadPayload|TrailerPayload
    {
        $tanks = [];
        $beforeL = 0.0;
        foreach ($input->tanks as $tank) {
            $drawableL = $tank->drawableL();
            $drawnL = match (true) {
                $usedL <= 0 => 0.0,
                Draw::Together === $input->draw => $drawableL * $atL / $usedL,
                default => max(0.0, min($drawableL, $atL - $beforeL)),
            };
            $beforeL += $drawableL;
            $tanks[] = $tank->tank->holding($tank->startL() - $drawnL);
        }
        foreach ($input->waste as $waste) {
            $tanks[] = new LoadedTank($waste->name, $waste->litresAfter($atL), $waste->emptyKg, $waste->xM, $waste->yM);
        }

        return $input->rig instanceof RoadRig
            ? RoadPayloadCalculator::calculate($input->rig->carrying($tanks))
            : TrailerPayloadCalculator::calculate($input->rig->carrying($tanks));
    }

    /**
     * @param array<array-key, ?float> $wasteFullAtL
     *
     * @return non-empty-list<float> litres used at the start, at each kink and at the end, rising
     */
    private static function kinks(PassageInput $input, float $usedL, array $wasteFullAtL): array
    {
        $kinks = [0.0, $usedL];
        foreach ($wasteFullAtL as $fullAtL) {
            if (null !== $fullAtL) {
                $kinks[] = $fullAtL;
            }
        }
        if (Draw::InTurn === $input->draw) {
            $drawnL = 0.0;
            foreach ($input->tanks as $tank) {
                $kinks[] = $drawnL += $tank->drawableL();
            }
        }
        sort($kinks);

        return array_values(array_unique($kinks, \SORT_REGULAR));
    }
}
