<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Drawing;

use YardCask\Core\Assessment\Drawing;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Stage\Load\Fill\ArrivalSlip;
use YardCask\Core\Stage\Load\Fill\DrawOrder;
use YardCask\Core\Stage\Load\Fill\FillSlip;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\Trim\BalanceWords;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Words\Amount;

/** What the Load stage draws beside the rig itself; lists are empty and offers left out where another stage is looked at. */
final readonly class LoadDrawing implements Drawing, \JsonSerializable
{
    use SentAsDeclared;

    /**
     * @param list<LimitBar> $limits
     * @param list<StateRow> $states
     * @param list<string> $taken
     * @param list<ArrivalRow> $arrival
     * @param list<SlipRow> $slip
     * @param list<SentFix> $removeAxles
     */
    private function __construct(
        #[ListOf(LimitBar::class)]
        public array $limits,
        public FillDrawing $fill,
        public Span $span,
        /** Each state of the rig with what is left to each limit in it, in the order of the limits. */
        #[ListOf(StateRow::class)]
        public array $states,
        /** The ids of the seats that somebody sits on. */
        #[ListOf('string')]
        public array $taken,
        /** How to fill up each tank on arrival. */
        #[ListOf(ArrivalRow::class)]
        public array $arrival,
        /** How to fill each tank for the road. */
        #[ListOf(SlipRow::class)]
        public array $slip,
        /** Why there is no slip; empty where there is one. */
        public string $slipWhyNot,
        /** Whether the waste is emptied before the rig moves on, said or usual; null without a tank for it. */
        public ?bool $wasteEmptied,
        /** Only where the stage is looked at. */
        public ?StayCurve $stay,
        /** How the weight lies along the rig; null where there is nothing to say. */
        public ?string $balance,
        /** Which tank to draw first; null where there is nothing to say. */
        public ?string $draw,
        /** The heading over the weights. */
        public string $ticket,
        /** The heading over the rig's own figures. */
        public string $papers,
        /** Null where the rig has none, or as many as it can. */
        public ?SentFix $addAxle,
        /** For each axle behind the first of a vehicle, or of a trailer; empty where there is only one. */
        #[ListOf(SentFix::class)]
        public array $removeAxles,
    ) {
    }

    public static function of(Workings $workings, bool $looked): self
    {
        $load = $workings->of(LoadWorkings::class);
        $rig = $workings->plan->load->rig;
        $addAxle = $looked ? AxleOffer::of($workings->plan) : null;

        return new self(
            limits: array_map(static fn (LimitWorking $limit): LimitBar => self::bar($limit, $workings), $load->limits()),
            fill: FillDrawing::of($workings),
            span: self::span($workings),
            states: $looked ? array_map(static fn (RigState $state): StateRow => self::row($state, $workings), $load->states()) : [],
            taken: array_column($load->people->taken, 'id'),
            arrival: $looked ? ArrivalSlip::rows($workings) : [],
            slip: $looked ? FillSlip::rows($workings) : [],
            slipWhyNot: FillSlip::whyNot($workings),
            wasteEmptied: [] === $workings->of(TanksWorkings::class)->thatTakeWaste() ? null : $workings->plan->emptiesWaste(),
            stay: $looked ? StayCurve::of($workings) : null,
            balance: BalanceWords::of($workings),
            draw: $looked ? DrawOrder::words($workings) : null,
            ticket: $workings->wording->text('load.heading.ticket', ['rig' => $rig->kind()]),
            papers: $workings->wording->text('load.heading.papers', ['rig' => $rig->kind()]),
            addAxle: null === $addAxle ? null : SentFix::of($addAxle, $workings->wording),
            removeAxles: $looked ? SentFix::all(AxleOffer::removals($workings->plan), $workings->wording) : [],
        );
    }

    private static function bar(LimitWorking $limit, Workings $workings): LimitBar
    {
        $wording = $workings->wording;
        $rig = $workings->plan->load->rig;
        $kg = $limit->kgIn(RigState::Travelling);
        $fullKg = $limit->kgIn(RigState::BrimFull);
        $spare = $limit->spareIn(RigState::Travelling);

        return new LimitBar(
            name: $limit->name->value,
            title: $wording->label(LimitWords::name($limit->name, $workings->rigWords)),
            limit: $wording->kg($limit->limitKg),
            travel: $wording->kg($kg),
            spare: $wording->text('load.spare', ['kg' => Amount::kg(abs($spare->kg)), 'broken' => $spare->isBroken() ? 'yes' : 'no']),
            travelShare: max(0.0, $kg) / $limit->limitKg,
            fullShare: max(0.0, $fullKg) / $limit->limitKg,
            over: $spare->isBroken(),
            overFull: $limit->spareIn(RigState::BrimFull)->isBroken(),
            xM: match ($limit->name) {
                LimitName::Front, LimitName::Nose => 0.0,
                LimitName::Rear => $rig instanceof PlannedRoadRig ? $rig->wheelbaseM() : 0.0,
                LimitName::Axle => $rig instanceof PlannedTrailer ? $rig->axle()->xM : 0.0,
                default => null,
            },
        );
    }

    private static function row(RigState $state, Workings $workings): StateRow
    {
        $wording = $workings->wording;
        $cells = [];
        foreach ($workings->of(LoadWorkings::class)->limits() as $limit) {
            $spare = $limit->spareIn($state);
            $cells[] = new StateCell('load.'.$limit->name->value.'.'.$state->figureSuffix(), $wording->kg($spare->kg), $spare->isBroken());
        }

        return new StateRow($workings->wording->phrase($state->title($workings->plan->load->rig->kind(), $workings->plan->emptiesWaste())), $cells);
    }

    private static function span(Workings $workings): Span
    {
        $rig = $workings->plan->load->rig;
        [$fromM, $toM, $key] = match (true) {
            $rig instanceof PlannedRoadRig => [0.0, $rig->wheelbaseM(), 2 === \count($rig->axles) ? 'axles/1/x_m' : null],
            $rig instanceof PlannedTrailer => [0.0, $rig->axle()->xM, 1 === \count($rig->axles) ? 'axles/0/x_m' : null],
            default => [$rig->bodyFromM(), $rig->bodyFromM() + $rig->sizes()->lengthM, 'length_m'],
        };

        return new Span($fromM, $toM, $workings->wording->metres($toM - $fromM), null === $key ? null : '/load/rig/'.$key);
    }
}
