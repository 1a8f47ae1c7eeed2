<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Wire\AmericanGauge;
use YardCask\Core\Wire\Ampacity;
use YardCask\Core\Wire\WireCalculator;
use YardCask\Core\Wire\WireInput;
use YardCask\Core\Words\Amount;

/** The wire and the fuse of a pump, for its length to the battery. */
final class WireTable
{
    /** @return list<SizingTable> none where the length of the wire is not known */
    public static function of(PlannedPart $pump, SizingWork $work): array
    {
        $figures = $pump->figures;
        if (!$figures instanceof PumpFigures || null === $figures->amps || null === $figures->volts || null === $figures->wireM) {
            return [];
        }
        $input = new WireInput($figures->wireM, $figures->amps, $figures->volts);
        $wire = WireCalculator::calculate($input);
        $fuse = Fuse::forAmps($figures->amps);
        $rows = [];
        $found = false;
        foreach (WireCalculator::SECTIONS_MM2 as $mm2) {
            $drop = WireCalculator::dropV($input, $mm2);
            if ($mm2 < $wire->areaMm2 / 3 || \count($rows) > 4) {
                continue;
            }
            // A fuse that the wire cannot carry protects nothing.
            $carriesA = Ampacity::bundledA($mm2);
            $does = $mm2 >= $wire->areaMm2 && null !== $fuse && $fuse <= $carriesA;
            $cells = [
                number_format($drop, 2).' V',
                number_format(100 * $drop / $figures->volts, 1).' %',
                number_format($carriesA, 0).' A',
                null === $fuse ? '' : $fuse.' A',
            ];
            $rows[] = new SizingRow(self::name($mm2, $work->workings->plan->units->length), $cells, $does, $does && !$found, false, null);
            $found = $found || $does;
        }

        $wording = $work->wording;
        $wanted = $wording->text('line.sizing.wire', ['amps' => number_format($figures->amps, 1), 'length' => Amount::distance($figures->wireM)]);
        $columns = $work->columns(['line.sizing.column.drop', 'line.sizing.column.share', 'line.sizing.column.carries', 'line.sizing.column.fuse']);

        return [new SizingTable('wire-'.$pump->id, $wording->text('line.sizing.wire.title', ['pump' => $pump->spoken()]), $wanted, $columns, $rows)];
    }

    /** “2.5 mm²”; where lengths are in inches with the gauge that is sold there. */
    private static function name(float $mm2, Unit $length): string
    {
        return Unit::Inch === $length ? $mm2.' mm² ('.AmericanGauge::of($mm2).' AWG)' : $mm2.' mm²';
    }
}
