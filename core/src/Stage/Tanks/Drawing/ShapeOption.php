<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PlannedArch;
use YardCask\Core\Plan\Tanks\PlannedLevel;
use YardCask\Core\Plan\Tanks\PlannedShape;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;

/** A shape that a tank can be given, with a first arch or a table of what it holds now. */
final readonly class ShapeOption implements Sent
{
    private const LINES = 4;

    private function __construct(
        public string $value,
        public string $text,
        public PlanPatch $patch,
    ) {
    }

    public static function of(PlannedShape $shape, TankWorking $working, Plan $plan): self
    {
        $tank = $working->tank;
        $at = $working->pointer();
        $patch = PlanPatch::replace($at.'/shape', $shape);
        if (PlannedShape::WheelArch === $shape) {
            $patch = $patch->and(PlanPatch::add($at.'/arch', $tank->arch ?? PlannedArch::proposedIn($tank->sizeMm())));
        } elseif (null !== $tank->arch) {
            $patch = $patch->and(PlanPatch::remove($at.'/arch'));
        }
        $levels = PlannedShape::Profile === $shape ? self::levels($working, $plan) : [];

        return new self($shape->value, $shape->word(), $patch->and(PlanPatch::replace($at.'/levels', $levels)));
    }

    /** @return list<PlannedLevel> its own, or what its shape gives at four heights */
    private static function levels(TankWorking $working, Plan $plan): array
    {
        $tank = $working->tank;
        // A table beside another shape was held against nothing.
        if (PlannedShape::Profile === $tank->shape) {
            return $tank->levels;
        }
        $inside = $tank->tankInput()->shape;

        return array_map(static function (int $line) use ($tank, $inside, $plan): PlannedLevel {
            $heightMm = self::LINES === $line ? $tank->heightMm : round($tank->heightMm * $line / self::LINES, 3);

            return new PlannedLevel(FreeId::of('level', $plan, $line - 1), $heightMm, round($inside->litresBelow($heightMm), 3));
        }, range(1, self::LINES));
    }
}
