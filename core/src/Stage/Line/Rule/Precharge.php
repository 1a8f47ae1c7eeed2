<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\VesselFigures;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\WantedPrecharge;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A vessel with so little air that it is nearly full already, or one beside a heater with so much that it takes nothing up at first. */
final class Precharge implements RuleWithThresholds
{
    /** A vessel charged to less than so much of what it is to be charged to is nearly full of water. A rule of thumb. */
    private const LEAST_SHARE = 2 / 3;
    /** What a gauge of a tyre pump is out by. */
    private const GAUGE_KPA = 20.0;

    public static function thresholds(): array
    {
        return ['least_share' => Amount::share(self::LEAST_SHARE), 'gauge' => Amount::pressure(self::GAUGE_KPA)];
    }

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach (WantedPrecharge::all($workings->of(LineWorkings::class)) as $wanted) {
            $figures = $wanted->vessel->figures;
            if (!$figures instanceof VesselFigures) {
                continue;
            }
            $isHot = !$wanted->for->kind->isPump();
            $code = match (true) {
                $figures->prechargeKpa < self::LEAST_SHARE * $wanted->kpa => LineFinding::PrechargeLow,
                // Above the cut-in of a pump the flow stops and starts, which is a snag of its own.
                $isHot && $figures->prechargeKpa > $wanted->kpa + self::GAUGE_KPA => LineFinding::PrechargeHigh,
                default => null,
            };
            if (null !== $code) {
                $findings[] = self::finding($code, $wanted, $figures, $isHot, $workings);
            }
        }

        return $findings;
    }

    private static function finding(LineFinding $code, WantedPrecharge $wanted, VesselFigures $figures, bool $isHot, Workings $workings): Finding
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $charged = LineDraft::of($workings->plan)->changed($wanted->vessel, ['figures' => PartFields::changed($figures, ['prechargeKpa' => $wanted->kpa])]);
        $with = [
            'vessel' => $wanted->vessel->spoken(),
            'for' => $wanted->for->spoken(),
            'pressure' => Amount::pressure($figures->prechargeKpa),
            'pressure_against' => Amount::pressure($wanted->againstKpa),
        ];

        return new Finding(
            $code,
            [$wanted->vessel->id],
            new Measure($figures->prechargeKpa, $wanted->kpa, 'kPa'),
            match (true) {
                LineFinding::PrechargeHigh === $code => new SnagText('line.precharge-high.title', 'line.precharge-high.why', $with),
                $isHot => new SnagText('line.precharge-low.title', 'line.precharge-low.why.heater', $with),
                default => new SnagText('line.precharge-low.title', 'line.precharge-low.why', $with),
            },
            static fn (): array => [new Fix(new Phrase('line.fix.precharge', ['pressure' => Amount::pressure($wanted->kpa)]), $charged->patch())],
            // Too strong a mains is a snag of its own.
            causes: $isHot ? [LineFinding::OverRated->keyOf(array_column($graph->parts(PartKind::MainsInlet), 'id'))] : [],
        );
    }
}
