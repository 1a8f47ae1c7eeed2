<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\PlannedShape;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Surge\SurgeCalculator;
use YardCask\Core\Surge\SurgeInput;
use YardCask\Core\Tank\TankVolumeCalculator;

/** A tank on the road that brakes hard: where its water rises to, and what its restraint holds. Boats do not brake. */
final readonly class Braking
{
    /** In g, what goods on a vehicle are secured against forwards. Source: EN 12195-1. */
    public const FORWARD_G = 0.8;
    /** … and backwards and to either side. */
    public const SIDEWAYS_G = 0.5;
    /** Upwards over a bump. */
    public const UPWARD_G = 1.0;
    /** Of a strap of which nobody has said it. */
    public const USUAL_ANGLE_DEG = 45.0;
    private const SECURING = 'EN 12195-1, securing of goods on vehicles: 0.8 g forwards, 0.5 g backwards and sideways. In a crash it is many times that.';

    private function __construct(
        private TankWorking $working,
        private float $travelLevelMm,
        private ?float $frontMm,
        private ?float $periodS,
    ) {
    }

    /** Null where nothing brakes: on a boat. */
    public static function of(TankWorking $working, Workings $workings): ?self
    {
        $tank = $working->tank;
        if (RigKind::Boat === $workings->plan->load->rig->kind()) {
            return null;
        }
        $levelMm = TankVolumeCalculator::levelMm($tank->tankInput(), $workings->plan->travelFillOf($tank) * $working->volume->fullL());
        if (PlannedShape::Box !== $tank->shape) {
            return new self($working, $levelMm, null, null);
        }
        $litres = $tank->lengthMm * $tank->widthMm * $levelMm / 1e6;
        $surge = SurgeCalculator::calculate(new SurgeInput($tank->lengthMm / 1000, $tank->widthMm / 1000, $tank->heightMm / 1000, $litres, self::FORWARD_G, 0.0, $tank->baffleCells ?? 1.0, 0.0, 0.0));

        return new self($working, $levelMm, 1000 * $surge->endLevelM, $surge->periodS);
    }

    public function addFigures(Workings $workings, FigureSheet $figures): void
    {
        $say = $workings->say;
        $tank = $this->working->tank;
        $pointer = $this->working->pointer();
        $id = 'tanks.'.$tank->id;
        if (null !== $this->frontMm) {
            $figures->add($id.'.brake_level', $tank->name.', at its front wall while braking', $this->frontMm, Unit::Millimetre, Kind::Length, 'the surface tilts by braking ÷ g; between floor and lid its volume stays', [
                SumInput::constant('braking', self::FORWARD_G.' g'),
                SumInput::constant('level as it travels', $say->mm($this->travelLevelMm)),
                SumInput::field('length', $say->mm($tank->lengthMm), $pointer.'/length_mm'),
                SumInput::field('height', $say->mm($tank->heightMm), $pointer.'/height_mm'),
            ], 'A liquid in uniform acceleration. Baffles slow the slosh; held long enough, the tilt is the same.');
        }
        if (null !== $this->periodS) {
            $figures->add($id.'.slosh', $tank->name.', one slosh to and fro', $this->periodS, Unit::Second, Kind::Duration, '2π ÷ √(π·g/c · tanh(π·h/c)), c a cell’s length, h the depth', [
                SumInput::field('length', $say->mm($tank->lengthMm), $pointer.'/length_mm'),
                SumInput::field('cells', (string) ($tank->baffleCells ?? 1), $pointer.'/baffle_cells'),
                SumInput::constant('level as it travels', $say->mm($this->travelLevelMm)),
            ], 'The first mode in a box: Lamb, Hydrodynamics, §257.');
        }
        $this->addPulls($workings, $figures);
    }

    private function addPulls(Workings $workings, FigureSheet $figures): void
    {
        $tank = $this->working->tank;
        $id = 'tanks.'.$tank->id;
        $angleDeg = $tank->strapAngleDeg ?? self::USUAL_ANGLE_DEG;
        foreach ([['pull_forward', 'pulls forwards', self::FORWARD_G, cos(...), 'cos'], ['pull_side', 'pulls backwards and sideways', self::SIDEWAYS_G, cos(...), 'cos'], ['pull_up', 'pulls upwards over a bump', self::UPWARD_G, sin(...), 'sin']] as [$end, $what, $g, $share, $word]) {
            $figures->kg($id.'.'.$end, $tank->name.', '.$what, $g * ($tank->allEmptyKg() + $this->working->fullL()), $g.' × weight brim full', [SumInput::figure($id.'.full_kg')], self::SECURING);
            if (null !== $tank->straps) {
                $figures->kg($id.'.strap'.substr($end, 4), $tank->name.', each strap, '.substr($what, 6), $g * ($tank->allEmptyKg() + $this->working->fullL()) / ($tank->straps * $share(deg2rad($angleDeg))), 'pull ÷ (straps × '.$word.' of their angle)', [
                    SumInput::figure($id.'.'.$end),
                    SumInput::field('straps', (string) $tank->straps, $this->working->pointer().'/straps'),
                    SumInput::field('angle', $workings->say->format->reading($angleDeg, Unit::Degree, Kind::Angle), $this->working->pointer().'/strap_angle_deg'),
                ], 'Straps that share it evenly. What a strap, screw or rivet nut stands, its maker says; what the anchorage stands, someone qualified.');
            }
        }
    }

    /** Where the tilted surface stands above the tank's floor, so far behind its front wall; null where its shape is not told. It may run on above the lid and below the floor. */
    public function surfaceMm(float $behindFrontMm): ?float
    {
        return null === $this->frontMm ? null : $this->frontMm - self::FORWARD_G * $behindFrontMm;
    }

    public function section(): BrakingSection
    {
        $id = 'tanks.'.$this->working->tank->id;
        $rearMm = $this->surfaceMm($this->working->tank->lengthMm);
        $hasStraps = null !== $this->working->tank->straps;

        return new BrakingSection($this->frontMm, $rearMm, null === $rearMm ? null : $id.'.brake_level', $id.'.pull_forward', $id.'.pull_side', $id.'.pull_up', $hasStraps ? $id.'.strap_forward' : null, $hasStraps ? $id.'.strap_up' : null, null === $this->periodS ? null : $id.'.slosh');
    }
}
