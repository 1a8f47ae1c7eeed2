<?php

declare(strict_types=1);

namespace YardCask\Server\Command;

use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Shared\LineWeight;
use YardCask\Core\Stage\Line\Shared\LineWeights;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Stage\Use\Shared\UseWorkings;

/** A first plan in one row, for a fitter to scan: litres, kilograms, parts and price, and what gives way. */
final readonly class FirstPlanRow
{
    public const HEADS = ['Needs, L', 'Tanks, L', 'On the road, L', 'Waste, L', 'Emptied, d', 'Full, kg', 'Heater', 'Parts', 'Price', 'What gives way'];

    /** @return list<string|int> a cell for each head */
    public static function of(Plan $plan, PartStock $stock): array
    {
        $workings = Workings::over($plan, $stock);
        $findings = array_filter(
            Assessor::assess($plan, '-', $stock)->findings,
            static fn (SentFinding $one): bool => Severity::Watch !== $one->severity,
        );
        $heaters = array_filter($plan->line->parts, static fn (PlannedPart $part): bool => $part->figures instanceof HeaterFigures);

        return [
            (int) round($workings->of(UseWorkings::class)->need(Supply::Main)->carryL),
            self::litres(WaterKind::Fresh, $workings),
            (int) round($workings->of(WaterAboard::class)->travelUsableL),
            self::litres(WaterKind::Waste, $workings),
            null === $plan->use->wasteDays ? '' : (string) $plan->use->wasteDays,
            (int) round(self::fullKg($workings)),
            implode(', ', array_map(static fn (PlannedPart $part): string => $part->name, $heaters)),
            \count($plan->line->parts),
            (int) round(array_sum(array_map(static fn (PlannedPart $part): float => $part->make->price, $plan->line->parts))),
            implode('; ', array_column($findings, 'title')),
        ];
    }

    /** Of every tank, or of every row of cans: “62 + 40”. */
    private static function litres(WaterKind $holds, Workings $workings): string
    {
        $litres = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            if ($holds === $working->tank->holds) {
                $litres[] = (string) (int) round($working->fullL());
            }
        }

        return implode(' + ', $litres);
    }

    /** Of all tanks and the line, with fresh and drinking water. */
    private static function fullKg(Workings $workings): float
    {
        $kg = array_sum(array_map(static fn (LineWeight $weight): float => $weight->kg(), $workings->of(LineWeights::class)->weights));
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $kg += $working->tank->allEmptyKg() + ($working->tank->holds->takesWaste() ? 0.0 : $working->fullL());
        }

        return $kg;
    }
}
