<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;

/** What holds a tank against braking, bends and bumps. Boats are told nothing of it. */
final readonly class Restraint
{
    /** In g, against which goods on a vehicle are secured backwards and to either side; forwards as they brake. Source: EN 12195-1. */
    public const SIDEWAYS_G = 0.5;
    /** Upwards over a bump. */
    public const UPWARD_G = 1.0;
    /** Of a strap of which nobody has said it. */
    public const USUAL_ANGLE_DEG = 45.0;
    private const PULLS = [
        'forward' => ['forwards', Tilt::BRAKING_G, 'cos'],
        'side' => ['backwards and sideways', self::SIDEWAYS_G, 'cos'],
        'up' => ['upwards over a bump', self::UPWARD_G, 'sin'],
    ];
    private const SECURING = 'EN 12195-1, securing of goods on vehicles: 0.8 g forwards, 0.5 g backwards and sideways. In a crash it is many times that.';

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
        foreach (self::PULLS as $end => [$what, $g, $word]) {
            $figures->kg($id.'.pull_'.$end, $tank->name.', pulls '.$what, $this->pullKg($end), $g.' × weight brim full', static fn (): array => [SumInput::figure($id.'.full_kg')], self::SECURING);
            $strapKg = $this->strapKg($end);
            if (null !== $strapKg) {
                $figures->kg($id.'.strap_'.$end, $tank->name.', each strap, '.$what, $strapKg, 'pull ÷ (straps × '.$word.' of their angle)', fn (): array => [
                    SumInput::figure($id.'.pull_'.$end),
                    SumInput::field('straps', (string) $tank->straps, $this->working->pointer().'/straps'),
                    SumInput::field('angle', $workings->say->format->reading($this->angleDeg(), Unit::Degree, Kind::Angle), $this->working->pointer().'/strap_angle_deg'),
                ], 'Straps that share it evenly. What a strap, screw or rivet nut stands, its maker says; what the anchorage stands, someone qualified.');
            }
        }
    }

    /** What each strap pulls at most, with the way in words; null where nobody has said how many there are. */
    public function worstStrap(): ?StrapPull
    {
        $worst = null;
        foreach (self::PULLS as $end => [$what]) {
            $kg = $this->strapKg($end);
            if (null !== $kg && (null === $worst || $kg > $worst->kg)) {
                $worst = new StrapPull($kg, $what);
            }
        }

        return $worst;
    }

    private function pullKg(string $end): float
    {
        return self::PULLS[$end][1] * ($this->working->tank->allEmptyKg() + $this->working->fullL());
    }

    /** Along the floor by the cosine of a strap's angle, upwards by its sine. */
    private function strapKg(string $end): ?float
    {
        $straps = $this->working->tank->straps;
        $angle = deg2rad($this->angleDeg());

        return null === $straps ? null : $this->pullKg($end) / ($straps * ('up' === $end ? sin($angle) : cos($angle)));
    }

    private function angleDeg(): float
    {
        return $this->working->tank->strapAngleDeg ?? self::USUAL_ANGLE_DEG;
    }

    public function figures(): RestraintFigures
    {
        $id = 'tanks.'.$this->working->tank->id;
        $hasStraps = null !== $this->working->tank->straps;

        return new RestraintFigures($id.'.pull_forward', $id.'.pull_side', $id.'.pull_up', $hasStraps ? $id.'.strap_forward' : null, $hasStraps ? $id.'.strap_up' : null);
    }
}
