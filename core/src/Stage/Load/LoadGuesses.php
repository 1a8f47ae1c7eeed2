<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Stage\Load\Shared\EstimateError;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** The weights that nobody has read from a scale. */
final class LoadGuesses
{
    /** @return list<Phrase> the one with the largest error first; a vehicle’s axles stand for the whole of it */
    public static function of(Workings $workings): array
    {
        $plan = $workings->plan;
        $outKg = [];
        foreach ([LimitName::Front, LimitName::Rear, LimitName::Gross, LimitName::Nose] as $limit) {
            $errorKg = EstimateError::on($limit, $plan);
            if ($errorKg > 0 && !(LimitName::Gross === $limit && [] !== $outKg)) {
                $outKg[$limit->value] = $errorKg;
            }
        }
        arsort($outKg);

        return array_map(static fn (string $limit, float $errorKg): Phrase => new Phrase('load.to-measure', [
            'carrier' => LimitWords::carrier(LimitName::from($limit), $workings->rigWords),
            'estimated' => Amount::kg(EstimateError::estimatedKg(LimitName::from($limit), $plan)),
            'error' => Amount::kg($errorKg),
        ]), array_keys($outKg), $outKg);
    }
}
