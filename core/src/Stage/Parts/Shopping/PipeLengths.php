<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Joint\EndSystem;
use YardCask\Core\Stage\Line\Shared\PipeEnding;
use YardCask\Core\Stage\Line\Shared\PipeEndings;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;

/** How long each pipe of the line is cut: what is seen of it, and what goes in or on at both ends. */
final readonly class PipeLengths
{
    /** A length that nobody has measured is bought so much longer. */
    public const ALLOWANCE = 0.15;

    /** @param list<array{PipeEnding, float, list<float>}> $all each pipe at its beginning, its length in m, and what of that goes in at its ends, in mm */
    private function __construct(public array $all)
    {
    }

    public static function of(Workings $workings): self
    {
        $joints = array_column($workings->of(PlanJoints::class)->all, null, 'id');
        $all = [];
        foreach ($workings->of(PipeEndings::class)->all as $ending) {
            if ($ending->isStart && !$ending->isInTheWater()) {
                $id = $ending->pipe->id;
                $ins = [self::deepMm($joints[$id.'.from'] ?? null), self::deepMm($joints[$id.'.to'] ?? null)];
                $seenM = $ending->lengthM() * (null === $ending->pipe->lengthM ? 1 + self::ALLOWANCE : 1.0);
                $all[] = [$ending, $seenM + array_sum($ins) / 1000, $ins];
            }
        }

        return new self($all);
    }

    /** How far the tube goes into or over what it meets first. */
    private static function deepMm(?JudgedJoint $joint): float
    {
        $meeting = $joint?->meetings[0] ?? null;
        if (null === $meeting || EndSystem::Thread === $meeting->b?->end?->system) {
            return 0.0;
        }

        return $meeting->b->deepMm ?? 0.0;
    }
}
