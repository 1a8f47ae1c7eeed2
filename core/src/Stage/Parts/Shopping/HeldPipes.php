<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\KeptWorkings;
use YardCask\Core\Assessment\Workings;

/**
 * What holds each pipe of the line and keeps it warm, however long it is.
 *
 * @phpstan-import-type ClipValues from PipeClips
 */
final readonly class HeldPipes implements KeptWorkings
{
    /** @param array<string, PipeClips> $clips by the pipe’s id; none of a pipe of which nobody knows how thick it is, nor where nothing can be had */
    private function __construct(
        private array $clips,
        private bool $isRecalled,
    ) {
    }

    public static function over(Workings $workings): static
    {
        /** @var array<string, ClipValues>|null $kept */
        $kept = $workings->recalled(self::class, self::sections());

        return new self(null === $kept ? self::found($workings) : array_map(PipeClips::ofValues(...), $kept), null !== $kept);
    }

    /** @return array<string, PipeClips> */
    private static function found(Workings $workings): array
    {
        $choice = FittingChoice::in($workings);
        $clips = [];
        foreach ([] === $workings->stock->fittings() ? [] : $workings->plan->line->pipes as $pipe) {
            $clips[$pipe->id] = PipeClips::of($pipe->tube, $choice);
        }

        return array_filter($clips);
    }

    public static function sections(): array
    {
        return ['line_joints'];
    }

    public function toKeep(): ?array
    {
        return $this->isRecalled ? null : array_map(static fn (PipeClips $one): array => $one->values(), $this->clips);
    }

    public function of(string $pipe): ?PipeClips
    {
        return $this->clips[$pipe] ?? null;
    }
}
