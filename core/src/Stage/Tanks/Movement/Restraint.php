<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Movement;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\RigKind;
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
    private const PULLS = [
        'forward' => [self::FORWARD_G, 'cos'],
        'side' => [self::SIDEWAYS_G, 'cos'],
        'up' => [self::UPWARD_G, 'sin'],
    ];

    private function __construct(private TankWorking $working)
    {
    }

    /** Null where nothing brakes. */
    public static function of(TankWorking $working, Workings $workings): ?self
    {
        return RigKind::Boat === $workings->plan->load->rig->kind() ? null : new self($working);
    }

    public function addFigures(Workings $workings, FigureSheet $figures): void
    {
        $tank = $this->working->tank;
        $id = 'tanks.'.$tank->id;
        $wording = $workings->wording;
        foreach (self::PULLS as $way => [$g, $angle]) {
            $with = ['tank' => $tank->name, 'way' => $way];
            $text = new FigureText('tanks.figure.pull.label', 'tanks.source.securing', $with);
            $figures->kg($id.'.pull_'.$way, $text, $this->pullKg($way), static fn (): SumOf => new SumOf(
                'g * full',
                [SumTerm::assumed('g', $wording->text('tanks.sum.g', ['way' => $way]), Amount::number($g)), SumTerm::figure('full', $id.'.full_kg')],
            ));
            $strapKg = $this->strapKg($way);
            if (null !== $strapKg) {
                $isBracket = HeldBy::Brackets === $tank->heldBy;
                $held = $tank->heldBy ?? HeldBy::Straps;
                $text = new FigureText('tanks.figure.strap.label', $isBracket ? 'tanks.source.brackets' : 'tanks.source.straps', $with + ['held' => $held]);
                $label = $wording->text($isBracket ? 'tanks.sum.brackets' : 'tanks.sum.straps');
                $count = SumTerm::field('straps', $label, Amount::number($tank->straps ?? 0.0), $this->working->pointer().'/straps');
                $figures->kg($id.'.strap_'.$way, $text, $strapKg, fn (): SumOf => new SumOf(
                    $isBracket ? 'pull / straps' : 'pull / (straps * '.$angle.'(angle * pi / 180))',
                    [SumTerm::figure('pull', $id.'.pull_'.$way), $count, ...$isBracket ? [] : [$this->angle($wording)]],
                ));
            }
        }
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

    private function pullKg(string $end): float
    {
        return self::PULLS[$end][0] * ($this->working->tank->allEmptyKg() + $this->working->fullL());
    }

    /** Along the floor by the cosine of a strap's angle, upwards by its sine; brackets are sheared by all of it, whichever way. */
    private function strapKg(string $end): ?float
    {
        $straps = $this->working->tank->straps;
        $angle = deg2rad($this->angleDeg());
        $share = match (true) {
            HeldBy::Brackets === $this->working->tank->heldBy => 1.0,
            'up' === $end => sin($angle),
            default => cos($angle),
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
            $hasStraps ? $id.'.strap_forward' : null,
            $hasStraps ? $id.'.strap_up' : null,
        );
    }
}
