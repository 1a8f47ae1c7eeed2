<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

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
        $payload = $workings->full;
        $fill = $workings->plan->load->travelFill;
        if (!$payload instanceof TrailerPayload || $payload->noseShareAt($fill) >= self::LEAST_SHARE) {
            return [];
        }
        $say = $workings->say;
        $shortKg = self::LEAST_SHARE * $payload->gross->kgAt($fill) - $payload->nose->kgAt($fill);

        return [new Finding(
            FindingCode::NoseLight,
            [],
            new Measure($payload->noseShareAt($fill), self::LEAST_SHARE, ''),
            \sprintf('The nose is light by %s', $say->kg($shortKg)),
            \sprintf('%s on the coupling is %s of the trailer; below %s it tends to sway at speed.', $say->kg($payload->nose->kgAt($fill)), $say->share($payload->noseShareAt($fill)), $say->share(self::LEAST_SHARE)),
            static fn (): array => WeightShift::relieve(LimitName::Axle, $shortKg, $fill, $workings),
        )];
    }
}
