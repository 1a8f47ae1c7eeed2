<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Drain\HandWork;
use YardCask\Core\Stage\Line\Drain\LeftIn;
use YardCask\Core\Stage\Line\Drain\LeftWater;
use YardCask\Core\Stage\Line\Drain\Traps;
use YardCask\Core\Stage\Line\LineFigures;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\FoundMode;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Schematic;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** A card for each mode of a line: what hands do, in the order of the water, and what comes of it. */
final readonly class ModeCards
{
    private LineWorkings $line;

    public function __construct(private Workings $workings, private Schematic $schematic)
    {
        $this->line = $workings->of(LineWorkings::class);
    }

    /** @return list<ModeCard> */
    public function all(): array
    {
        return array_map($this->mode(...), $this->line->modes()->all());
    }

    private function mode(FoundMode $mode): ModeCard
    {
        $wording = $this->workings->wording;
        $steps = [];
        foreach ($this->inWaterOrder() as $part) {
            $position = $mode->positions[$part->id] ?? null;
            if (null !== $position) {
                $steps[] = $wording->text('line.mode.step', ['part' => $part->name, 'position' => $position->phrase()]);
            }
        }
        foreach ($this->line->graph->pumps as $pump) {
            $isOn = $mode->mode->pumps() && $this->line->modes()->ways()->runs($pump, $mode->mode);
            $isRunDry = LineMode::Drain === $mode->mode && null !== HandWork::on($pump);
            // Nobody switches off what a hand or a foot moves, and what is run dry is switched off after that.
            if ($isOn || !($pump->kind->isByHand() || $isRunDry)) {
                $is = $isOn ? ($pump->kind->isByHand() ? 'by_hand' : 'on') : 'off';
                $steps[] = $wording->text('line.mode.pump', ['pump' => $pump->name, 'is' => $is]);
            }
        }
        if (LineMode::Drain === $mode->mode) {
            $byHand = $this->workings->of(LeftWater::class)->byHand();
            foreach ($byHand as $one) {
                $with = ['part' => $one->phrase(), 'work' => $one->byHand, 'litres' => Amount::little($one->litres)];
                $steps[] = $wording->text('line.mode.by-hand', $with);
            }
            $trapped = Traps::below($this->workings);
            if ([] !== $trapped) {
                $steps[] = $wording->text('line.mode.traps', self::named($trapped) + ['litres' => Amount::little(Traps::LITRES)]);
            }
            $emptied = array_map(static fn (LeftIn $one): string => $one->id(), $byHand);
            $isTender = static fn (PlannedPart $part): bool => true === $part->make->drainBeforeFrost && !\in_array($part->id, $emptied, true);
            $tender = array_values(array_filter($this->inWaterOrder(), $isTender));
            if ([] !== $tender) {
                $steps[] = $wording->text('line.mode.frost', self::named($tender));
            }
        }
        $names = array_column([...$this->workings->plan->line->parts, ...$this->workings->plan->tanks], 'name', 'id');
        $about = array_values(array_unique(array_merge([], ...array_values($mode->troubles))));
        $trouble = [] === $about
            ? ''
            : $wording->text('line.mode.trouble', ['parts' => array_map(static fn (string $id): string => $names[$id] ?? $id, $about)]);
        $path = array_map(fn (int $index): string => $this->workings->plan->line->pipes[$index]->id, array_keys($mode->path));

        return new ModeCard(
            id: $mode->mode->value,
            title: $wording->phrase($mode->mode->phrase()),
            steps: $steps,
            care: $wording->phrase($this->care($mode->mode)),
            pipes: $path,
            leftFigureId: LineMode::Drain === $mode->mode ? LineFigures::LEFT_WATER : null,
            trouble: $trouble,
        );
    }

    /**
     * @param list<PlannedPart> $parts
     *
     * @return array{parts: list<string>, many: string}
     */
    private static function named(array $parts): array
    {
        return ['parts' => array_map(static fn (PlannedPart $part): string => $part->spoken(), $parts), 'many' => \count($parts) > 1 ? 'yes' : 'no'];
    }

    /** What belongs to a mode besides turning valves, as far as this line has it. */
    private function care(LineMode $mode): Phrase
    {
        return $mode->care(
            hasFilter: [] !== $this->line->graph->parts(PartKind::Filter),
            isHot: [] !== array_filter($this->line->graph->outlets, fn (PlannedPart $outlet): bool => null !== $this->line->warm->heaterOf($outlet)),
            turns: [] !== $this->line->graph->parts(PartKind::ThreeWayValve),
        );
    }

    /** @return list<PlannedPart> as hands come to them along the water */
    private function inWaterOrder(): array
    {
        $parts = $this->workings->plan->line->parts;
        usort($parts, fn (PlannedPart $a, PlannedPart $b): int => ($this->schematic->columns[$a->id] ?? 0) <=> ($this->schematic->columns[$b->id] ?? 0));

        return $parts;
    }
}
