<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/** Two ends, judged. */
final readonly class Joint implements \JsonSerializable
{
    private function __construct(
        public Fit $fit,
        /** What makes it tight: tape or paste, a washer, a clamp or ring, cement. */
        public ?string $with,
        public string $why,
        public string $source,
        /** Of barb or tube over hose, its outer diameter less the hose's bore; of a tube in what takes it, theirs less the tube's. */
        public ?float $gapMm,
    ) {
    }

    public static function fits(string $why, string $source, ?float $gapMm = null): self
    {
        return new self(Fit::Fits, null, $why, $source, $gapMm);
    }

    public static function sealed(string $with, string $why, string $source, ?float $gapMm = null): self
    {
        return new self(Fit::Sealed, $with, $why, $source, $gapMm);
    }

    public static function leaks(string $why, string $source, ?float $gapMm = null): self
    {
        return new self(Fit::Leaks, null, $why, $source, $gapMm);
    }

    public static function no(string $why, string $source, ?float $gapMm = null): self
    {
        return new self(Fit::No, null, $why, $source, $gapMm);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'fit' => $this->fit,
            'with' => $this->with,
            'why' => $this->why,
            'gap_mm' => $this->gapMm,
            'source' => $this->source,
        ];
    }
}
