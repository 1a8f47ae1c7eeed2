<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Rig\PlannedAxle;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Rig\Weighing;
use YardCask\Core\Words\Amount;

/** What the empty rig weighs at a limit, from the tickets and estimates that there are. */
final readonly class TicketTerms
{
    private function __construct(
        private PlannedRoadRig $rig,
        private Workings $workings,
    ) {
    }

    public static function of(LimitName $name, Workings $workings): SumOf
    {
        $rig = $workings->plan->load->rig;

        return match (true) {
            $rig instanceof PlannedRoadRig => (new self($rig, $workings))->onRoad($name),
            $rig instanceof PlannedTrailer => self::trailer($name, $rig, $workings),
            $rig instanceof PlannedBoat => SumOf::same(SumTerm::field(
                'displacement',
                $workings->wording->text('load.sum.displacement'),
                Amount::kg($rig->displacementKg),
                '/load/rig/displacement_kg',
            )),
            default => throw new \LogicException('A rig of class '.$rig::class.' cannot be weighed.'),
        };
    }

    private static function trailer(LimitName $name, PlannedTrailer $rig, Workings $workings): SumOf
    {
        $isWhole = LimitName::Gross === $name;
        $weighing = $isWhole ? $rig->whole : $rig->nose;
        $label = match (true) {
            $isWhole => 'load.sum.trailer',
            $weighing->isWeighed() => 'load.sum.weighed',
            default => 'load.sum.estimated',
        };

        return SumOf::same(SumTerm::field(
            'ticket',
            $workings->wording->text($label),
            Amount::kg($weighing->kg()),
            '/load/rig/'.($isWhole ? '' : 'nose_').$weighing->key(),
        ));
    }

    private function onRoad(LimitName $name): SumOf
    {
        $front = [0];
        $rear = \array_slice(array_keys($this->rig->axles), 1);
        $isWhole = LimitName::Gross === $name;
        [$own, $other] = LimitName::Front === $name ? [$front, $rear] : [$rear, $front];
        $completed = $this->isCompleted($this->rig->frontWeighing(), $front) || $this->isCompleted($this->rig->rearWeighing(), $rear);

        return match (true) {
            $isWhole && ($this->rig->isOnlyWholeWeighed() || $completed) => SumOf::same($this->whole()),
            $isWhole => SumOf::sum($this->axles([...$front, ...$rear])),
            $this->rig->isOnlyWholeWeighed() => $this->sharedOut($own, $other),
            $this->isCompleted(LimitName::Front === $name ? $this->rig->frontWeighing() : $this->rig->rearWeighing(), $own) => new SumOf(
                '(whole - '.implode(' - ', $this->symbols($other)).')',
                [$this->whole(), ...$this->axles($other)],
            ),
            default => SumOf::sum($this->axles($own)),
        };
    }

    /**
     * Whether it is what a ticket of the whole leaves beside the others.
     *
     * @param list<int> $axles
     */
    private function isCompleted(Weighing $weighing, array $axles): bool
    {
        $own = array_filter($axles, fn (int $index): bool => !$this->rig->axles[$index]->weighing->isWeighed());

        return null !== $this->rig->wholeWeighedKg && $weighing->isWeighed() && [] !== $own;
    }

    /**
     * The ticket of the whole, on the axles as the estimates have it.
     *
     * @param list<int> $own
     * @param list<int> $other
     */
    private function sharedOut(array $own, array $other): SumOf
    {
        $all = [...$own, ...$other];
        $kg = array_sum(array_map(fn (int $index): float => $this->rig->axles[$index]->weighing->kg(), $all));
        if ($kg <= 0) {
            return new SumOf('whole / 2', [$this->whole()]);
        }

        return new SumOf(
            \sprintf('whole * (%s) / (%s)', implode(' + ', $this->symbols($own)), implode(' + ', $this->symbols($all))),
            [$this->whole(), ...$this->axles($all)],
        );
    }

    private function whole(): SumTerm
    {
        return SumTerm::field(
            'whole',
            $this->workings->wording->text('load.sum.whole'),
            Amount::kg($this->rig->wholeWeighedKg ?? 0.0),
            '/load/rig/whole_weighed_kg',
        );
    }

    /**
     * @param list<int> $axles
     *
     * @return list<string>
     */
    private function symbols(array $axles): array
    {
        return array_map(static fn (int $index): string => 'a'.$index, $axles);
    }

    /**
     * @param list<int> $axles
     *
     * @return list<SumTerm>
     */
    private function axles(array $axles): array
    {
        return array_map(fn (int $index): SumTerm => $this->axle($index, $this->rig->axles[$index]), $axles);
    }

    private function axle(int $index, PlannedAxle $axle): SumTerm
    {
        $label = $axle->weighing->isWeighed() ? 'load.sum.axle-weighed' : 'load.sum.axle-estimated';

        return SumTerm::field(
            'a'.$index,
            $this->workings->wording->text($label, ['axle' => $axle->name]),
            Amount::kg($axle->weighing->kg()),
            '/load/rig/axles/'.$index.'/'.$axle->weighing->key(),
        );
    }
}
