<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Assessment\StageWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Line\LineWorkings;

/** The highest pressure in each pipe of the line, and how hot its water gets. */
final readonly class PipePeaks implements StageWorkings
{
    /** @param array<string, array{float, float}> $peaks in kPa and °C, by the pipe's id */
    private function __construct(public array $peaks)
    {
    }

    public static function over(Workings $workings): static
    {
        $peaks = [];
        foreach ($workings->of(LineWorkings::class)->rated() as $one) {
            $peaks[$one->id()] ??= [$one->peak->kpa(), $one->c];
        }

        return new self($peaks);
    }

    public static function sections(): array
    {
        return LineWorkings::sections();
    }
}
