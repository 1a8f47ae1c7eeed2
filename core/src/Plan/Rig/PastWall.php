<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

/** How far something reaches past a wall of the rig, and the place that would bring it inside. */
final readonly class PastWall
{
    /** What is less is taken for a tape's error. */
    private const LEAST_M = 0.0005;

    public function __construct(
        /** Negative while it is inside. */
        public float $overM,
        /** front, rear, side or roof */
        public string $wall,
        /** The property of its place that has to change, and to what. */
        public string $property,
        public float $insideM,
    ) {
    }

    /**
     * @param non-empty-list<self> $walls
     *
     * @return self|null the one past which it reaches furthest; null where it is inside
     */
    public static function worst(array $walls): ?self
    {
        usort($walls, static fn (self $one, self $other): int => $other->overM <=> $one->overM);

        return $walls[0]->overM > self::LEAST_M ? $walls[0] : null;
    }

    /**
     * @param list<self> $walls
     *
     * @return list<self> those past which it reaches
     */
    public static function passed(array $walls): array
    {
        return array_values(array_filter($walls, static fn (self $one): bool => $one->overM > 0.0));
    }
}
