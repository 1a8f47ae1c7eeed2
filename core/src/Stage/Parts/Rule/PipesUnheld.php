<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Line\Shared\PipeEnding;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Stage\Parts\Shopping\HeldPipes;
use YardCask\Core\Stage\Parts\Shopping\PipeClips;
use YardCask\Core\Stage\Parts\Shopping\PipeLengths;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** A pipe that is longer than it may hang free, and for which no clip is made: it sags, chafes and rattles loose. */
final class PipesUnheld implements Rule
{
    public function check(Workings $workings): array
    {
        $held = $workings->of(HeldPipes::class);
        $longest = null;
        $ids = [];
        foreach (PipeLengths::of($workings)->all as [$ending, $lengthM]) {
            $clips = $held->of($ending->pipe->id);
            if (null !== $clips && null === $clips->clip && $lengthM > $clips->spacingM) {
                $ids[] = $ending->pipe->id;
                $longest = null === $longest || $lengthM > $longest[1] ? [$ending, $lengthM, $clips] : $longest;
            }
        }

        return null === $longest ? [] : [new Finding(
            PartsFinding::PipeUnheld,
            $ids,
            new Measure($longest[1], $longest[2]->spacingM, 'm'),
            self::text($longest[0], $longest[1], $longest[2], \count($ids)),
            static fn (): array => [],
        )];
    }

    private static function text(PipeEnding $ending, float $lengthM, PipeClips $clips, int $count): SnagText
    {
        return new SnagText('parts.unheld.title', 'parts.unheld.why', [
            'count' => $count,
            'pipe' => $ending->phrase(),
            'across' => Amount::mm($clips->outerMm),
            'length' => Amount::distance($lengthM),
            'spacing' => Amount::distance($clips->spacingM),
        ]);
    }
}
