<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Trim;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Payload\RoadPayload;
use YardCask\Core\Payload\TrailerPayload;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\LoadInputs;
use YardCask\Core\Stage\Load\Shared\BoatHeights;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigMoment;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Words\FigureText;
use YardCask\Core\Words\Phrase;

/** The figures of how the load lies: right against left, on a trailer's nose, or in a boat. */
final readonly class BalanceFigures
{
    private Balance $balance;
    private LoadWorkings $load;

    private function __construct(
        private Workings $workings,
        private FigureSheet $figures,
        private LoadInputs $inputs,
    ) {
        $this->balance = new Balance($workings);
        $this->load = $workings->of(LoadWorkings::class);
    }

    public static function add(Workings $workings, FigureSheet $figures, LoadInputs $inputs): void
    {
        $sheet = new self($workings, $figures, $inputs);
        $payload = $sheet->load->payloadIn(RigState::Travelling);
        $rig = $workings->plan->load->rig;
        match (true) {
            $payload instanceof RoadPayload && $rig instanceof PlannedRoadRig => $sheet->addSide($payload, $rig),
            $payload instanceof TrailerPayload => $sheet->addNose($payload),
            $payload instanceof BoatPayload && $rig instanceof PlannedBoat => $sheet->addStability($payload, $rig),
            default => null,
        };
    }

    private function addSide(RoadPayload $payload, PlannedRoadRig $rig): void
    {
        $wording = $this->workings->wording;
        $track = static fn (): SumInput => SumInput::field($wording->text('load.sum.track'), $wording->metres($rig->trackM()), '/load/rig/axles/0/track_m');
        $text = new FigureText('load.figure.side.label', 'load.figure.side.formula', 'load.source.across');
        $this->figures->kg('load.side', $text, $payload->sideDifferenceKg, fn (): array => [...$this->inputs->places('y_m', RigState::Travelling), $track()]);
        $worst = $this->balance->side();
        if (null !== $worst) {
            $text = new FigureText('load.figure.side-worst.label', 'load.figure.side.formula', 'load.source.across', $this->when($worst[1]));
            $this->figures->kg('load.side_worst', $text, $worst[0], fn (): array => [...$this->placesAt($worst[1]), $track()]);
        }
        $front = $this->balance->leastFront();
        if (null !== $front) {
            $text = new FigureText('load.figure.front-least.label', 'load.figure.front-least.formula', 'load.source.statics', $this->when($front[1]));
            $this->figures->add(
                'load.front_least',
                $text,
                $front[0],
                Unit::Fraction,
                Kind::Share,
                fn (): array => $this->stateInputs($front[1], ['load.front', 'load.gross']),
            );
        }
    }

    private function addNose(TrailerPayload $payload): void
    {
        $text = new FigureText('load.figure.nose-share.label', 'load.figure.nose-share.formula', 'load.source.statics');
        $this->figures->add(
            'load.nose_share',
            $text,
            $payload->noseShareAt(1),
            Unit::Fraction,
            Kind::Share,
            static fn (): array => array_map(SumInput::figure(...), ['load.nose.travel', 'load.gross.travel']),
        );
        $least = $this->balance->leastNose();
        if (null !== $least) {
            $text = new FigureText('load.figure.nose-least.label', 'load.figure.nose-least.formula', 'load.source.statics', $this->when($least[1]));
            $this->figures->add(
                'load.nose_least',
                $text,
                $least[0],
                Unit::Fraction,
                Kind::Share,
                fn (): array => $this->stateInputs($least[1], ['load.nose', 'load.gross']),
            );
        }
    }

    private function addStability(BoatPayload $payload, PlannedBoat $rig): void
    {
        $wording = $this->workings->wording;
        $text = new FigureText('load.figure.displacement.label', 'load.figure.displacement.formula', 'load.source.archimedes');
        $this->figures->kg(
            'load.displacement',
            $text,
            $rig->displacementKg + $payload->load->kgAt(1),
            static fn (): array => array_map(SumInput::figure(...), ['load.empty', 'load.gross.travel']),
        );
        $text = new FigureText('load.figure.free-surface.label', 'load.figure.free-surface.formula', 'load.source.slack');
        $size = static fn (TankWorking $working): string => $wording->mm($working->tank->rowMm()).' × '.$wording->mm($working->tank->widthMm);
        $this->figures->add('load.free_surface', $text, $payload->freeSurfaceM, Unit::Metre, Kind::Length, fn (): array => [
            ...array_map(
                static fn (TankWorking $working): SumInput => SumInput::field($working->tank->name, $size($working), $working->pointer().'/width_mm'),
                $this->workings->of(TanksWorkings::class)->all(),
            ),
            SumInput::figure('load.displacement'),
        ]);
        $gm = static fn (): SumInput => SumInput::field($wording->text('load.sum.gm'), $wording->metres($rig->gmM), '/load/rig/gm_m');
        $heights = null === $rig->draughtM ? 'no' : 'yes';
        if (null !== $rig->draughtM) {
            $changeM = BoatHeights::gmChangeM($rig, $this->load->plan, $this->load->people, $this->load->contents->in(RigState::Travelling));
            $text = new FigureText('load.figure.gm-heights.label', 'load.figure.gm-heights.formula', 'load.source.upright');
            $draught = SumInput::field($wording->text('load.sum.draught'), $wording->metres($rig->draughtM), '/load/rig/draught_m');
            $this->figures->add(
                'load.gm_heights',
                $text,
                $changeM,
                Unit::Metre,
                Kind::Length,
                static fn (): array => [$draught, $gm(), SumInput::figure('load.displacement')],
            );
        }
        $inputs = static fn (): array => [
            $gm(),
            SumInput::figure('load.free_surface'),
            ...null === $rig->draughtM ? [] : [SumInput::figure('load.gm_heights')],
        ];
        $text = new FigureText('load.figure.gm.label', 'load.figure.gm.formula', 'load.source.stability', ['heights' => $heights]);
        $this->figures->add('load.gm', $text, $payload->gmEffectiveM, Unit::Metre, Kind::Length, $inputs);
        $least = $this->balance->leastGm();
        if (null !== $least) {
            $text = new FigureText(
                'load.figure.gm-least.label',
                'load.figure.gm-least.formula',
                'load.source.stability',
                ['when' => $least[1]->phrase($rig->kind()), 'heights' => $heights],
            );
            $this->figures->add('load.gm_least', $text, $least[0], Unit::Metre, Kind::Length, static fn (): array => [SumInput::figure('load.gm')]);
        }
        if (null !== $payload->heelDeg) {
            $text = new FigureText('load.figure.heel.label', 'load.figure.heel.formula', 'load.source.small-angles');
            $this->figures->add(
                'load.heel',
                $text,
                $payload->heelDeg,
                Unit::Degree,
                Kind::Angle,
                fn (): array => [
                    ...$this->inputs->places('y_m', RigState::Travelling),
                    SumInput::figure('load.displacement'),
                    SumInput::figure('load.gm'),
                ],
            );
        }
        $worst = $this->balance->heel();
        if (null !== $worst) {
            $text = new FigureText(
                'load.figure.heel-worst.label',
                'load.figure.heel.formula',
                'load.source.small-angles',
                ['when' => $worst[1]->phrase($rig->kind())],
            );
            $this->figures->add(
                'load.heel_worst',
                $text,
                $worst[0],
                Unit::Degree,
                Kind::Angle,
                fn (): array => [...$this->inputs->places('y_m', $worst[1]), SumInput::figure('load.gm')],
            );
        }
    }

    /** @return array{when: Phrase} */
    private function when(RigMoment $moment): array
    {
        return ['when' => $moment->phrase($this->workings->plan->load->rig->kind())];
    }

    /** @return list<SumInput> */
    private function placesAt(RigMoment $moment): array
    {
        return null === $moment->state ? [$this->atThatMoment('load.sum.every-place', $moment)] : $this->inputs->places('y_m', $moment->state);
    }

    /**
     * @param list<string> $prefixes
     *
     * @return list<SumInput>
     */
    private function stateInputs(RigMoment $moment, array $prefixes): array
    {
        $state = $moment->state;

        return null === $state
            ? [$this->atThatMoment('load.sum.both', $moment)]
            : array_map(static fn (string $prefix): SumInput => SumInput::figure($prefix.'.'.$state->figureSuffix()), $prefixes);
    }

    private function atThatMoment(string $label, RigMoment $moment): SumInput
    {
        return SumInput::constant($this->workings->wording->text($label), $this->workings->wording->phrase($this->when($moment)['when']));
    }
}
