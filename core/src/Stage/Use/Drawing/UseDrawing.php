<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Drawing;

use YardCask\Core\Assessment\Drawing;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Plan\Use\StayStyle;
use YardCask\Core\Stage\Line\Shared\OutletFlows;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Words\Phrase;

/** What the Use stage draws: each use's share, the litres against the days, and what can be chosen. */
final readonly class UseDrawing implements Drawing
{
    /**
     * @param list<UseShare> $uses
     * @param list<StayOption> $stays
     * @param list<EndOption> $outlets
     * @param list<EndOption> $drains
     */
    private function __construct(
        #[ListOf(UseShare::class)]
        public array $uses,
        public DaysCurve $curve,
        #[ListOf(StayOption::class)]
        public array $stays,
        /** What a use that runs can be drawn from; empty without an outlet. */
        #[ListOf(EndOption::class)]
        public array $outlets,
        /** Where a use can drain to. */
        #[ListOf(EndOption::class)]
        public array $drains,
    ) {
    }

    public static function of(Workings $workings): self
    {
        $uses = $workings->plan->use->uses;
        $working = $workings->of(UseWorkings::class);
        $shares = [];
        foreach ($working->demand()->uses as $index => $demand) {
            $ofL = $working->need($uses[$index]->supply)->stayL;
            $shares[] = new UseShare(
                $uses[$index]->id,
                $workings->wording->litres($demand->dailyL),
                $ofL > 0 ? $demand->stayL / $ofL : 0.0,
                $workings->of(OutletFlows::class)->figureOf($uses[$index]),
            );
        }

        return new self(
            $shares,
            DaysCurve::of($workings),
            array_map(static fn (StayStyle $stay): StayOption => self::stay($stay, $workings), StayStyle::cases()),
            self::outlets($workings),
            self::drains($workings),
        );
    }

    /** Another way to stay takes its usual reserve along, unless somebody has chosen another. */
    private static function stay(StayStyle $stay, Workings $workings): StayOption
    {
        $use = $workings->plan->use;
        $patch = PlanPatch::replace('/use/stay', $stay);
        if (abs($use->reserve - $use->stay->usualReserve()) < 1e-9) {
            $patch = $patch->and(PlanPatch::replace('/use/reserve', $stay->usualReserve()));
        }

        return new StayOption($stay->value, SentFix::of(new Fix(Phrase::verbatim($stay->word()), $patch), $workings->wording));
    }

    /** @return list<EndOption> */
    private static function outlets(Workings $workings): array
    {
        $outlets = array_map(static fn (PlannedPart $part): EndOption => new EndOption($part->id, $part->name), $workings->plan->line->outlets());

        return [] === $outlets ? [] : [new EndOption('', $workings->wording->text('use.outlet.any')), ...$outlets];
    }

    /** @return list<EndOption> */
    private static function drains(Workings $workings): array
    {
        $drains = [];
        foreach ($workings->of(TanksWorkings::class)->thatTakeWaste() as $working) {
            $drains[] = new EndOption($working->tank->id, $working->tank->name);
        }

        return [
            ...$drains,
            new EndOption(PlannedUse::OUTSIDE, $workings->wording->text('use.drain.outside')),
            new EndOption(PlannedUse::NOTHING, $workings->wording->text('use.drain.nothing')),
        ];
    }
}
