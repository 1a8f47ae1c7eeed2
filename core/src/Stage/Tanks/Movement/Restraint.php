<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Movement;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Tanks\HeldBy;
use YardCask\Core\Stage\Tanks\Drawing\RestraintFigures;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;
use YardCask\Core\Words\Wording;

/** What holds a tank against braking, bends and bumps. Boats are told nothing of it. */
final readonly class Restraint
{
    /** In g, against which goods on a vehicle are secured forwards, and backwards and to either side. Source: EN 12195-1. */
    private const FORWARD_G = 0.8;
    public const SIDEWAYS_G = 0.5;
    /** Upwards over a bump. */
    public const UPWARD_G = 1.0;
    /** Of a strap of which nobody has said it. */
    public const USUAL_ANGLE_DEG = 45.0;
    /** Of plastic on a wooden floor. Source: EN 12195-1, annex B, on the safe side. */
    private const FRICTION = 0.3;
    private const PULLS = [
        'forward' => [self::FORWARD_G, 'cos'],
        'side' => [self::SIDEWAYS_G, 'cos'],
        'up' => [self::UPWARD_G, 'sin'],
    ];

    private function __construct(
        private TankWorking $working,
        private float $crashG,
    ) {
    }

    /** Null where nothing brakes. */
    public static function of(TankWorking $working, Workings $workings): ?self
    {
        $rig = $workings->plan->load->rig;

        return $rig instanceof PlannedRoadRig || $rig instanceof PlannedTrailer ? new self($working, $rig->movement()->crashG ?? 0.0) : null;
    }

    public function addFigures(Workings $workings, FigureSheet $figures): void
    {
        $tank = $this->working->tank;
        $id = 'tanks.'.$tank->id;
        $wording = $workings->wording;
        $text = new FigureText('tanks.figure.pull-crash.label', 'tanks.source.crash', ['tank' => $tank->name]);
        $crash = SumTerm::field('g', $wording->text('tanks.sum.crash'), Amount::number($this->crashG), '/load/rig/crash_g');
        $full = SumTerm::figure('full', $id.'.full_kg');
        $figures->kg($id.'.pull_crash', $text, $this->crashG * $this->fullKg(), static fn (): SumOf => new SumOf('g * full', [$crash, $full]));
        foreach (self::PULLS as $way => [$g, $angle]) {
            $with = ['tank' => $tank->name, 'way' => $way];
            $text = new FigureText('tanks.figure.pull.label', 'tanks.source.securing', $with);
            $figures->kg($id.'.pull_'.$way, $text, $this->pullKg($way), static fn (): SumOf => new SumOf(
                'g * full',
                [SumTerm::assumed('g', $wording->text('tanks.sum.g', ['way' => $way]), Amount::number($g)), $full],
            ));
            $strapKg = $this->strapKg($way);
            if (null !== $strapKg) {
                $held = $tank->heldBy ?? HeldBy::Straps;
                $source = match ($held) {
                    HeldBy::Brackets => 'tanks.source.brackets',
                    HeldBy::OverLid => 'tanks.source.over-lid',
                    HeldBy::Straps => 'tanks.source.straps',
                };
                $text = new FigureText('tanks.figure.strap.label', $source, $with + ['held' => $held->kind()]);
                $figures->kg($id.'.strap_'.$way, $text, $strapKg, fn (): SumOf => $this->shared($id.'.pull_'.$way, $way, $held, $angle, $wording));
            }
        }
    }

    /** What each of them pulls, of the pull of the tank. */
    private function shared(string $pull, string $way, HeldBy $held, string $angle, Wording $wording): SumOf
    {
        $label = $wording->text(HeldBy::Brackets === $held ? 'tanks.sum.brackets' : 'tanks.sum.straps');
        $terms = [
            SumTerm::figure('pull', $pull),
            SumTerm::field('straps', $label, Amount::number($this->working->tank->straps ?? 0.0), $this->working->pointer().'/straps'),
        ];

        return match (true) {
            HeldBy::Straps === $held => new SumOf('pull / (straps * '.$angle.'(angle * pi / 180))', [...$terms, $this->angle($wording)]),
            HeldBy::OverLid === $held && 'up' !== $way => new SumOf(
                'pull / (straps * friction)',
                [...$terms, SumTerm::assumed('friction', $wording->text('tanks.sum.friction'), Amount::number(self::FRICTION))],
            ),
            default => new SumOf('pull / straps', $terms),
        };
    }

    private function angle(Wording $wording): SumTerm
    {
        $label = $wording->text('tanks.sum.angle');
        $degrees = Amount::degrees($this->angleDeg());

        return null === $this->working->tank->strapAngleDeg
            ? SumTerm::assumed('angle', $label, $degrees)
            : SumTerm::field('angle', $label, $degrees, $this->working->pointer().'/strap_angle_deg');
    }

    /** What each strap pulls at most, and which way; null where nobody has said how many there are. */
    public function worstStrap(): ?StrapPull
    {
        $worst = null;
        foreach (array_keys(self::PULLS) as $way) {
            $kg = $this->strapKg($way);
            if (null !== $kg && (null === $worst || $kg > $worst->kg)) {
                $worst = new StrapPull($kg, $way);
            }
        }

        return $worst;
    }

    /** What it pulls forwards when the rig brakes as hard as goods are secured for. */
    public function forwardKg(): float
    {
        return $this->pullKg('forward');
    }

    private function pullKg(string $end): float
    {
        return self::PULLS[$end][0] * $this->fullKg();
    }

    private function fullKg(): float
    {
        return $this->working->tank->allEmptyKg() + $this->working->fullL();
    }

    /**
     * Along the floor by the cosine of a strap's angle, upwards by its sine; brackets are sheared by all of it, whichever way. Over the lid a strap
     * holds along the floor by the friction of what it presses down.
     */
    private function strapKg(string $end): ?float
    {
        $straps = $this->working->tank->straps;
        $angle = deg2rad($this->angleDeg());
        $isUp = 'up' === $end;
        $share = match ($this->working->tank->heldBy ?? HeldBy::Straps) {
            HeldBy::Brackets => 1.0,
            HeldBy::OverLid => $isUp ? 1.0 : self::FRICTION,
            HeldBy::Straps => $isUp ? sin($angle) : cos($angle),
        };

        return null === $straps ? null : $this->pullKg($end) / ($straps * $share);
    }

    private function angleDeg(): float
    {
        return $this->working->tank->strapAngleDeg ?? self::USUAL_ANGLE_DEG;
    }

    public function figures(): RestraintFigures
    {
        $id = 'tanks.'.$this->working->tank->id;
        $hasStraps = null !== $this->working->tank->straps;

        return new RestraintFigures(
            $id.'.pull_forward',
            $id.'.pull_side',
            $id.'.pull_up',
            $id.'.pull_crash',
            $hasStraps ? $id.'.strap_forward' : null,
            $hasStraps ? $id.'.strap_up' : null,
        );
    }
}
