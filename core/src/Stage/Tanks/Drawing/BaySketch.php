<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Bay\Box;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\Bays\AcrossDatum;
use YardCask\Core\Plan\Bays\AlongDatum;
use YardCask\Core\Plan\Bays\BayPlace;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Bays\PlannedObstruction;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\SentBox;
use YardCask\Core\Stage\Tanks\Shared\Obstacles;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** A bay as it lies in the rig, what stands in it, and what its place can be taped from. */
final readonly class BaySketch implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /**
     * @param list<ObstructionSketch> $obstructions
     * @param list<TapedFrom> $along
     * @param list<TapedFrom> $across
     */
    private function __construct(
        public string $id,
        public SentBox $box,
        #[ListOf(ObstructionSketch::class)]
        public array $obstructions,
        #[ListOf(TapedFrom::class)]
        public array $along,
        #[ListOf(TapedFrom::class)]
        public array $across,
        /** Null where the bay has as many obstructions as it can. */
        public ?SentFix $obstruct,
        /** The ground clearance below it; null inside, on the roof and on a boat. */
        public ?string $clearance,
    ) {
    }

    /** @param bool $looked whether how it can be taped and what can be added is wanted */
    public static function of(int $index, Workings $workings, bool $looked): self
    {
        $plan = $workings->plan;
        $bay = $plan->bays[$index];
        $obstructions = array_map(
            static fn (Box $box, PlannedObstruction $one): ObstructionSketch => new ObstructionSketch($one->id, $one->name, SentBox::of($box)),
            Obstacles::in($bay, $plan),
            $bay->obstructions,
        );
        $wording = $workings->wording;
        $clearance = BayPlace::UnderFloor === $bay->place ? $wording->text('tanks.bay.clearance', ['clearance' => Amount::mm(1000 * $bay->zM)]) : null;
        $obstruct = $looked ? self::obstruct($index, $bay, $workings) : null;

        return new self(
            id: $bay->id,
            box: SentBox::of($bay->space($plan->load->rig)),
            obstructions: $obstructions,
            along: $looked ? self::along($index, $workings) : [],
            across: $looked ? self::across($index, $workings) : [],
            obstruct: null === $obstruct ? null : SentFix::of($obstruct, $wording),
            clearance: $clearance,
        );
    }

    /** @return list<TapedFrom> */
    private static function along(int $index, Workings $workings): array
    {
        $rig = $workings->plan->load->rig;
        $bay = $workings->plan->bays[$index];
        $fromM = $bay->space($rig)->low[0] / 1000;
        $word = static fn (AlongDatum $datum): string => $workings->wording->text('tanks.bay.along', ['from' => $datum, 'rig' => $rig->kind()]);
        $options = array_map(
            static fn (AlongDatum $datum): ?TapedFrom => self::taped(
                $index,
                'along',
                $datum->value,
                $word($datum),
                $datum->tapedM($fromM, $bay->lengthMm / 1000, $rig),
            ),
            AlongDatum::cases(),
        );

        return array_values(array_filter($options));
    }

    /** @return list<TapedFrom> */
    private static function across(int $index, Workings $workings): array
    {
        $rig = $workings->plan->load->rig;
        $bay = $workings->plan->bays[$index];
        $fromM = $bay->space($rig)->low[1] / 1000;
        $word = static fn (AcrossDatum $datum): string => $workings->wording->text('tanks.bay.across', ['from' => $datum, 'rig' => $rig->kind()]);
        $options = array_map(
            static fn (AcrossDatum $datum): ?TapedFrom => self::taped(
                $index,
                'across',
                $datum->value,
                $word($datum),
                $datum->tapedM($fromM, $bay->widthMm / 1000, $rig),
            ),
            AcrossDatum::cases(),
        );

        return array_values(array_filter($options));
    }

    /** Null where it would lie further from there than a plan can hold. */
    private static function taped(int $index, string $way, string $from, string $words, float $metres): ?TapedFrom
    {
        $at = '/bays/'.$index.'/'.$way;
        $tidyM = self::tidy($metres);

        return PartFields::holds(PlannedBay::class, $way.'_m', $tidyM)
            ? new TapedFrom($from, $words, PlanPatch::replace($at.'_from', $from)->and(PlanPatch::replace($at.'_m', $tidyM)))
            : null;
    }

    private static function obstruct(int $index, PlannedBay $bay, Workings $workings): ?Fix
    {
        if (\count($bay->obstructions) >= PlannedBay::MOST_OBSTRUCTIONS) {
            return null;
        }
        // A quarter of each size in the bay's low, rear, left corner: somewhere to begin.
        $size = array_map(static fn (float $mm): float => max(1.0, round($mm / 4)), $bay->sizeMm());
        $names = array_column($bay->obstructions, 'name');

        $name = FreeName::of($workings->wording->text('tanks.new.obstruction'), $names);
        $obstruction = new PlannedObstruction(FreeId::of('obstruction', $workings->plan), $name, $bay->lengthMm - $size[0], 0.0, 0.0, ...$size);

        return new Fix(new Phrase('tanks.fix.add-obstruction'), PlanPatch::append('/bays/'.$index.'/obstructions', $obstruction));
    }

    /** Without the dust of binary fractions, and never −0. */
    private static function tidy(float $metres): float
    {
        return round($metres, 4) + 0.0;
    }
}
