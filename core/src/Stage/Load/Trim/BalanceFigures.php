<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Trim;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Payload\RoadPayload;
use YardCask\Core\Payload\TrailerPayload;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\LoadTerms;
use YardCask\Core\Stage\Load\Shared\BoatHeights;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigMoment;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Words\Amount;
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
        private LoadTerms $terms,
    ) {
        $this->balance = new Balance($workings);
        $this->load = $workings->of(LoadWorkings::class);
    }

    public static function add(Workings $workings, FigureSheet $figures, LoadTerms $terms): void
    {
        $sheet = new self($workings, $figures, $terms);
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
        $text = new FigureText('load.figure.side.label', 'load.source.across');
        $this->figures->kg('load.side', $text, $payload->sideDifferenceKg, fn (): SumOf => $this->side($rig, RigState::Travelling));
        $worst = $this->balance->side();
        if (null !== $worst) {
            $state = $worst[1]->state;
            $text = new FigureText('load.figure.side-worst.label', 'load.source.across', $this->when($worst[1]));
            $this->figures->kg('load.side_worst', $text, $worst[0], fn (): SumOf => null === $state
                ? $this->found(Amount::kg($worst[0]), $worst[1])
                : $this->side($rig, $state));
        }
        $front = $this->balance->leastFront();
        if (null !== $front) {
            $this->addLeastShare('load.front_least', 'load.figure.front-least.label', $front, 'load.front');
        }
    }

    private function side(PlannedRoadRig $rig, RigState $state): SumOf
    {
        $moments = $this->terms->moments('y_m', $state, '2 * m%1$d * x%1$d / track');
        $label = $this->workings->wording->text('load.sum.track');

        return new SumOf(
            $moments->expression,
            [...$moments->terms, SumTerm::field('track', $label, Amount::mm(1000 * $rig->trackM()), '/load/rig/axles/0/track_m')],
        );
    }

    private function addNose(TrailerPayload $payload): void
    {
        $text = new FigureText('load.figure.nose-share.label', 'load.source.statics');
        $sum = static fn (): SumOf => self::share('load.nose', RigState::Travelling);
        $this->figures->add('load.nose_share', $text, $payload->noseShareAt(1), Unit::Fraction, Kind::Share, $sum);
        $least = $this->balance->leastNose();
        if (null !== $least) {
            $this->addLeastShare('load.nose_least', 'load.figure.nose-least.label', $least, 'load.nose');
        }
    }

    /** @param array{float, RigMoment} $least */
    private function addLeastShare(string $id, string $label, array $least, string $part): void
    {
        $state = $least[1]->state;
        $text = new FigureText($label, 'load.source.statics', $this->when($least[1]));
        $this->figures->add($id, $text, $least[0], Unit::Fraction, Kind::Share, fn (): SumOf => null === $state
            ? $this->found(Amount::share($least[0]), $least[1])
            : self::share($part, $state));
    }

    private static function share(string $part, RigState $state): SumOf
    {
        $suffix = '.'.$state->figureSuffix();

        return new SumOf('part / whole', [SumTerm::figure('part', $part.$suffix), SumTerm::figure('whole', 'load.gross'.$suffix)]);
    }

    /** At a moment between two states, which is found by going through them. */
    private function found(Amount $amount, RigMoment $moment): SumOf
    {
        $label = $this->workings->wording->text('load.sum.on-the-way', $this->when($moment));

        return SumOf::same(SumTerm::found('found', $label, $amount), new Phrase('load.figure.on-the-way.note'));
    }

    private function addStability(BoatPayload $payload, PlannedBoat $rig): void
    {
        $kg = $rig->displacementKg + $payload->load->kgAt(1);
        $text = new FigureText('load.figure.displacement.label', 'load.source.archimedes');
        $this->figures->kg('load.displacement', $text, $kg, static fn (): SumOf => SumOf::figures(['load.empty', 'load.gross.travel']));
        $stability = new StabilityTerms($this->workings, $this->terms, $rig);
        $text = new FigureText('load.figure.free-surface.label', 'load.source.slack');
        $surface = static fn (): SumOf => $stability->freeSurface(RigState::Travelling);
        $this->figures->add('load.free_surface', $text, $payload->freeSurfaceM, Unit::Metre, Kind::Length, $surface);
        if (null !== $rig->draughtM) {
            $changeM = BoatHeights::gmChangeM($rig, $this->load->plan, $this->load->people, $this->load->line, $this->load->contents->in(RigState::Travelling));
            $text = new FigureText('load.figure.gm-heights.label', 'load.source.upright');
            $this->figures->add('load.gm_heights', $text, $changeM, Unit::Metre, Kind::Length, $stability->heights(...));
        }
        $text = new FigureText('load.figure.gm.label', 'load.source.stability');
        $this->figures->add('load.gm', $text, $payload->gmEffectiveM, Unit::Metre, Kind::Length, $stability->left(...));
        $least = $this->balance->leastGm();
        if (null !== $least) {
            $text = new FigureText('load.figure.gm-least.label', 'load.source.stability', ['when' => $least[1]->phrase($rig->kind())]);
            $sum = static fn (): SumOf => $stability->leftIn($least[1]);
            $this->figures->add('load.gm_least', $text, $least[0], Unit::Metre, Kind::Length, $sum);
        }
        if (null !== $payload->heelDeg) {
            $text = new FigureText('load.figure.heel.label', 'load.source.small-angles');
            $sum = static fn (): SumOf => $stability->heel(RigState::Travelling);
            $this->figures->add('load.heel', $text, $payload->heelDeg, Unit::Degree, Kind::Angle, $sum);
        }
        $worst = $this->balance->heel();
        if (null !== $worst) {
            $text = new FigureText('load.figure.heel-worst.label', 'load.source.small-angles', ['when' => $worst[1]->phrase($rig->kind())]);
            $sum = static fn (): SumOf => $stability->heel($worst[1]);
            $this->figures->add('load.heel_worst', $text, $worst[0], Unit::Degree, Kind::Angle, $sum);
        }
    }

    /** @return array{when: Phrase} */
    private function when(RigMoment $moment): array
    {
        return ['when' => $moment->phrase($this->workings->plan->load->rig->kind())];
    }
}
