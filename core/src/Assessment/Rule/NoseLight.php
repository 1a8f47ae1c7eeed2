<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Filling;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Payload\TrailerPayload;

/** A trailer that presses too little on its coupling sways. */
final class NoseLight implements Rule
{
    private const LEAST_SHARE = 0.04;

    public function check(Workings $workings): array
    {
        $payload = $workings->travelling;
        if (!$payload instanceof TrailerPayload || $payload->noseShareAt(1) >= self::LEAST_SHARE) {
            return [];
        }
        $say = $workings->say;
        $shortKg = self::LEAST_SHARE * $payload->gross->kgAt(1) - $payload->nose->kgAt(1);

        return [new Finding(
            FindingCode::NoseLight,
            [],
            new Measure($payload->noseShareAt(1), self::LEAST_SHARE, ''),
            \sprintf('The nose is light by %s', $say->kg($shortKg)),
            \sprintf('%s on the coupling is %s of the trailer; below %s it tends to sway at speed.', $say->kg($payload->nose->kgAt(1)), $say->share($payload->noseShareAt(1)), $say->share(self::LEAST_SHARE)),
            static fn (): array => WeightShift::relieve(LimitName::Axle, $shortKg, Filling::Travelling, $workings),
        )];
    }
}
