<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Stage\Line\Shared\OutletFlows;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Stage\Use\UseFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A use is planned at a flow of its own, and its outlet gives another. */
final class FlowDiffers implements RuleWithThresholds
{
    /** Of the outlet's flow: nearer than that, a hand on the tap makes up for it. */
    private const CLOSE = 0.1;

    public static function thresholds(): array
    {
        return ['close' => Amount::share(self::CLOSE)];
    }

    public function check(Workings $workings): array
    {
        $flows = $workings->of(OutletFlows::class)->lpm;
        $findings = [];
        foreach ($workings->plan->use->uses as $index => $use) {
            $givenLpm = true === $use->ownFlow ? $flows[$use->outlet] ?? null : null;
            if (null !== $givenLpm && abs(($use->flowLpm ?? 0.0) - $givenLpm) > self::CLOSE * $givenLpm) {
                $findings[] = self::finding($index, $use, $givenLpm, $workings);
            }
        }

        return $findings;
    }

    private static function finding(int $index, PlannedUse $use, float $givenLpm, Workings $workings): Finding
    {
        $ownLpm = $use->flowLpm ?? 0.0;
        $own = $workings->of(UseWorkings::class)->demand()->uses[$index];
        $otherL = abs($givenLpm - $ownLpm) * ($own->stayL > 0 ? $own->stayL / $ownLpm : 0.0);
        $with = [
            'use' => $use->name,
            'outlet' => $workings->plan->line->part((string) $use->outlet)?->spoken(),
            'flow' => Amount::flow($ownLpm),
            'flow_given' => Amount::flow($givenLpm),
            'litres' => Amount::litres($otherL),
            'than' => $givenLpm > $ownLpm ? 'more' : 'less',
        ];

        return new Finding(
            UseFinding::FlowDiffers,
            [$use->id],
            new Measure(round($ownLpm, 1), round($givenLpm, 1), 'L/min'),
            new SnagText('use.flow-differs.title', 'use.flow-differs.why', $with),
            static fn (): array => [new Fix(new Phrase('use.fix.line-flow', $with), PlanPatch::remove('/use/uses/'.$index.'/own_flow'), isCorrection: true)],
        );
    }
}
