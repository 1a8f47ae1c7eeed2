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
    private const SECURING = 'EN 12195-1, securing of goods on vehicles: 0.8 g forwards, 0.5 g backwards and sideways. In a crash it is many times that.';

    private function __construct(
        private TankWorking $working,
        private float $travelLevelMm,
        private ?float $frontMm,
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
            return new self($working, $levelMm, null);
        }
        $litres = $tank->lengthMm * $tank->widthMm * $levelMm / 1e6;
        $surge = SurgeCalculator::calculate(new SurgeInput($tank->lengthMm / 1000, $tank->widthMm / 1000, $tank->heightMm / 1000, $litres, self::FORWARD_G, 0.0, 1, 0.0, 0.0));

        return new self($working, $levelMm, 1000 * $surge->endLevelM);
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
        foreach ([['pull_forward', 'pulls forwards', self::FORWARD_G], ['pull_side', 'pulls backwards and sideways', self::SIDEWAYS_G]] as [$end, $what, $g]) {
            $figures->kg($id.'.'.$end, $tank->name.', '.$what, $g * ($tank->allEmptyKg() + $this->working->fullL()), $g.' × weight brim full', [SumInput::figure($id.'.full_kg')], self::SECURING);
        }
    }

    public function section(): BrakingSection
    {
        $id = 'tanks.'.$this->working->tank->id;

        $rearMm = null === $this->frontMm ? null : $this->frontMm - self::FORWARD_G * $this->working->tank->lengthMm;

        return new BrakingSection($this->frontMm, $rearMm, null === $rearMm ? null : $id.'.brake_level', $id.'.pull_forward', $id.'.pull_side');
    }
}
