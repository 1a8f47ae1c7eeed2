<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Stage\Line\Shared\PipeEnding;

/** Where something that is bought is fitted, for good: its weight rides along there. */
final readonly class FittedAt
{
    private function __construct(
        /** @var array{float, float}|null along and across the rig, in m; null where nobody has said that */
        public ?array $place,
        /** Above the ground, or the keel, in m. */
        public float $zM,
        /** Of the tank with which it comes and goes; null of what belongs to the line. */
        public ?string $tankId = null,
    ) {
    }

    public static function tank(PlannedTank $tank): self
    {
        return new self([$tank->xM, $tank->yM], $tank->zM + $tank->heightMm / 2000, $tank->id);
    }

    /** In the middle of the points of a tank's hose, one at least. */
    public static function hose(PlannedTank $tank, RunPoint ...$points): self
    {
        $mean = static fn (string $key): float => array_sum(array_column($points, $key)) / \count($points);

        return new self([$mean('xM'), $mean('yM')], $mean('zM'), $tank->id);
    }

    public static function part(PlannedPart $part): self
    {
        return new self(null === $part->xM || null === $part->yM ? null : [$part->xM, $part->yM], $part->zM);
    }

    public static function ending(PipeEnding $ending): self
    {
        $point = $ending->point();

        return new self(null === $point ? null : [$point->xM, $point->yM], $ending->zM());
    }

    public static function point(?RunPoint $point): self
    {
        return new self(null === $point ? null : [$point->xM, $point->yM], $point->zM ?? 0.0);
    }

    /** Half-way to another. */
    public function halfTo(self $other): self
    {
        [$one, $two] = [$this->place, $other->place];
        $place = null === $one || null === $two ? null : [($one[0] + $two[0]) / 2, ($one[1] + $two[1]) / 2];

        return new self($place, ($this->zM + $other->zM) / 2);
    }
}
