<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\PumpLaw;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A pump that does not reach the pressure at which its switch would stop it: with every tap shut it runs on. */
final class CutOutHigh implements Rule
{
    /** A switch is set so far below what the pump reaches. */
    private const SHARE = 0.85;

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(LineWorkings::class)->graph->pumps as $pump) {
            $figures = $pump->figures;
            if (!$figures instanceof PumpFigures || null === $figures->cutOutKpa || null === $figures->pairs()) {
                continue;
            }
            $reachesKpa = PumpLaw::reachesKpa($pump, $figures, LineCase::LOW_V);
            if ($figures->cutOutKpa >= $reachesKpa) {
                $findings[] = new Finding(
                    LineFinding::CutOutHigh,
                    [$pump->id],
                    new Measure($figures->cutOutKpa, $reachesKpa, 'kPa'),
                    new SnagText('line.cut-out-high.title', 'line.cut-out-high.why', [
                        'pump' => $pump->spoken(),
                        'pressure' => Amount::pressure($figures->cutOutKpa),
                        'reached' => Amount::pressure($reachesKpa),
                    ]),
                    static fn (): array => [...self::lower($pump, $figures, $reachesKpa, $workings), ...self::stronger($pump, $figures, $workings)],
                );
            }
        }

        return $findings;
    }

    /** @return list<Fix> its switch set lower, with the cut-in still below it */
    private static function lower(PlannedPart $pump, PumpFigures $figures, float $reachesKpa, Workings $workings): array
    {
        $kpa = floor(self::SHARE * $reachesKpa / 10) * 10;
        if ($kpa <= ($figures->cutInKpa ?? 0.0)) {
            return [];
        }
        $changed = PartFields::changed($figures, ['cutOutKpa' => $kpa]);
        $label = new Phrase('line.fix.cut-out', ['pump' => $pump->spoken(), 'pressure' => Amount::pressure($kpa)]);

        return [new Fix($label, LineDraft::of($workings->plan)->changed($pump, ['figures' => $changed])->patch())];
    }

    /** @return list<Fix> */
    private static function stronger(PlannedPart $pump, PumpFigures $figures, Workings $workings): array
    {
        return LineFixes::over($workings)->swaps($pump, static fn (StockPart $stock): bool => $stock->figures instanceof PumpFigures
            && ($stock->figures->cutOutKpa ?? \INF) < PumpLaw::reachesKpa($pump, $stock->figures, LineCase::LOW_V)
            && ($stock->figures->cutOutKpa ?? 0.0) >= ($figures->cutInKpa ?? 0.0));
    }
}
