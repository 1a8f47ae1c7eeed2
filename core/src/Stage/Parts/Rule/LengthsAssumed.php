<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfJoining;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Line\Shared\PipeEnding;
use YardCask\Core\Stage\Line\Shared\PipeEndings;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Pipes of which nobody has measured the length: not to be cut yet. */
final class LengthsAssumed implements RuleOfJoining
{
    public function check(Workings $workings): array
    {
        $assumed = array_values(array_filter(
            $workings->of(PipeEndings::class)->all,
            static fn (PipeEnding $one): bool => $one->isStart && !$one->isInTheWater() && null === $one->pipe->lengthM,
        ));
        if ([] === $assumed) {
            return [];
        }

        return [new Finding(
            PartsFinding::LengthAssumed,
            array_map(static fn (PipeEnding $one): string => $one->pipe->id, $assumed),
            new Measure((float) \count($assumed), 0.0, ''),
            new SnagText('parts.length-assumed.title', 'parts.length-assumed.why', ['count' => \count($assumed), 'pipe' => $assumed[0]->phrase()]),
            static fn (): array => [],
            new LookAt('/line/pipes/'.$assumed[0]->index.'/length_m', new Phrase('parts.length-assumed.look')),
        )];
    }
}
