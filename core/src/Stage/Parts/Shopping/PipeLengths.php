<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Line\Shared\PipeEnding;
use YardCask\Core\Stage\Line\Shared\PipeEndings;
use YardCask\Core\Stage\Parts\Joints\JointSummary;

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
        $joints = $workings->of(JointSummary::class);
        $all = [];
        foreach ($workings->of(PipeEndings::class)->all as $ending) {
            if ($ending->isStart && !$ending->isInTheWater()) {
                $id = $ending->pipe->id;
                $ins = [$joints->deepMm($id.'.from'), $joints->deepMm($id.'.to')];
                $seenM = $ending->lengthM() * (null === $ending->pipe->lengthM ? 1 + self::ALLOWANCE : 1.0);
                $all[] = [$ending, $seenM + array_sum($ins) / 1000, $ins];
            }
        }

        return new self($all);
    }
}
