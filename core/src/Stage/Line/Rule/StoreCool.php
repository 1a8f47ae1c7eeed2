<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\MixingValveDraft;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/**
 * Water that is kept warm in a store, and not hot enough to kill what lives in it.
 *
 * Source: World Health Organization, “Legionella and the prevention of legionellosis” (2007): hot water is stored at 60 °C or more.
 */
final class StoreCool implements RuleWithThresholds
{
    private const LEAST_C = 60.0;

    public static function thresholds(): array
    {
        return ['hot_least' => Amount::temperature(self::LEAST_C)];
    }

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->plan->line->parts as $index => $heater) {
            $figures = $heater->figures;
            if (!$figures instanceof HeaterFigures || $figures->litres <= 0 || $figures->hotC >= self::LEAST_C || null !== $figures->coolerBecause) {
                continue;
            }
            $findings[] = new Finding(
                LineFinding::StoreCool,
                [$heater->id],
                new Measure($figures->hotC, self::LEAST_C, '°C'),
                new SnagText('line.store-cool.title', 'line.store-cool.why', [
                    'heater' => $heater->spoken(),
                    'hot' => Amount::temperature($figures->hotC),
                    'hot_least' => Amount::temperature(self::LEAST_C),
                ]),
                static fn (): array => self::hotter($heater, $figures, $workings),
                new LookAt('/line/parts/'.$index.'/figures/cooler_because', new Phrase('line.store-cool.look')),
            );
        }

        return $findings;
    }

    /** @return list<Fix> kept hotter, and mixed down where that would scald */
    private static function hotter(PlannedPart $heater, HeaterFigures $figures, Workings $workings): array
    {
        $hotter = LineDraft::of($workings->plan)->changed($heater, ['figures' => PartFields::changed($figures, ['hotC' => self::LEAST_C])]);
        $with = ['heater' => $heater->spoken(), 'to' => Amount::temperature(self::LEAST_C)];
        $isMixed = [] !== $workings->of(LineWorkings::class)->graph->parts(PartKind::MixingValve);
        $mixed = $isMixed ? null : MixingValveDraft::behind($heater, $hotter, $workings);

        return [
            new Fix(new Phrase('line.fix.heat-to', $with), $hotter->patch()),
            ...null === $mixed ? [] : [new Fix(new Phrase('line.fix.heat-to-and-mix', $with), $mixed->patch())],
        ];
    }
}
