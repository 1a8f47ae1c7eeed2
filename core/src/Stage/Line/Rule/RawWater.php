<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\InletPath;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Shared\LineFill;
use YardCask\Core\Stage\Line\Shared\LineFills;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Water from a stream or a bucket goes untreated into a tank that taps draw on. */
final class RawWater implements Rule
{
    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $isTreated = static fn (LineEnd $end): bool => [] !== array_filter(
            InletPath::from($end, $graph),
            static fn (LineEnd $one): bool => $one->owner instanceof PlannedPart && $one->owner->kind->treats(),
        );
        $drawn = array_filter($graph->parts(PartKind::FillInlet), static fn (PlannedPart $hose): bool => !$isTreated(new LineEnd($hose, PartPort::Out)));
        $findings = [];
        foreach ([] === $drawn ? [] : $graph->fills() as $inlet) {
            $tank = $inlet->owner;
            if (!$tank instanceof PlannedTank || $isTreated($inlet)) {
                continue;
            }
            $pumped = array_filter($workings->of(LineFills::class)->of($tank), static fn (LineFill $fill): bool => LineMode::Fill === $fill->mode);
            if ([] === $pumped) {
                continue;
            }
            $label = new Phrase('line.fix.treat', ['tank' => $tank->name]);
            $pipe = $graph->atPort[$inlet->key]->pipe;
            $findings[] = new Finding(
                LineFinding::RawWater,
                [$tank->id],
                new Measure(0.0, 1.0, ''),
                new SnagText('line.raw-water.title', 'line.raw-water.why', ['tank' => $tank->name]),
                static fn (): array => LineFixes::over($workings)->into($pipe, UsualFor::RawTreatment, $label, $inlet->zM()),
            );
        }

        return $findings;
    }
}
