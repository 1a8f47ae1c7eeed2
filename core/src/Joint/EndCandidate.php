<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/** What a measured end may be. */
final readonly class EndCandidate
{
    public function __construct(
        public End $end,
        /** Measured less what it should be; of a barb, the ridge less the bore of the hose. */
        public float $offMm,
        /** Threads an inch, measured less what it should have; null where none were measured. */
        public ?float $offTpi = null,
        /** Of a barb: the bore of the hose that goes over it. */
        public ?float $hoseMm = null,
    ) {
    }

    public function name(): string
    {
        return match (true) {
            null !== $this->end->standard => \sprintf('%s, %s, %s', ucfirst($this->end->standard->word()), $this->end->size, $this->end->sex?->word()),
            null !== $this->hoseMm => \sprintf('Barb for a hose of %s mm', self::mm($this->hoseMm)),
            default => \sprintf('Tube of %s mm', self::mm((float) $this->end->outerMm)),
        };
    }

    /** What tells it from another candidate. */
    public function tellFrom(?self $other): string
    {
        return match (true) {
            null === $other => 'Nothing else comes near.',
            $this->end->system !== $other->end->system => $this->look(),
            null !== $this->end->standard && null !== $other->end->standard => $this->tellThread(
                $this->end->standard,
                $other->end->standard,
                $other,
            ),
            null !== $this->hoseMm => \sprintf('It takes a hose of %s mm, the other one of %s mm.', self::mm($this->hoseMm), self::mm((float) $other->hoseMm)),
            default => \sprintf(
                'It is a tube of %s mm, the other one of %s mm.',
                self::mm((float) $this->end->outerMm),
                self::mm((float) $other->end->outerMm),
            ),
        };
    }

    private function look(): string
    {
        return match ($this->end->system) {
            EndSystem::Thread => 'It has threads.',
            EndSystem::Barb => \sprintf('It has a ridge, for a hose of %s mm.', self::mm((float) $this->hoseMm)),
            default => 'It is smooth.',
        };
    }

    private function tellThread(ThreadStandard $standard, ThreadStandard $of, self $other): string
    {
        $size = (string) $this->end->size;
        $otherSize = (string) $other->end->size;

        return match (true) {
            $standard->isTapered() !== $of->isTapered() => $standard->isTapered()
                ? 'It narrows by 1 in 16: a caliper reads less at its end.'
                : 'It runs parallel: a caliper reads the same all along.',
            $standard->tpi($size) !== $of->tpi($otherSize) => \sprintf(
                'It has %s threads an inch, the other one %s.',
                $standard->tpi($size),
                $of->tpi($otherSize),
            ),
            $standard->degrees() !== $of->degrees() => \sprintf(
                'Its flanks are at %d°, the other one’s at %d°: a pitch gauge rocks on the wrong one.',
                $standard->degrees(),
                $of->degrees(),
            ),
            default => \sprintf('It is size %s, the other one %s.', $size, $otherSize),
        };
    }

    private static function mm(float $mm): string
    {
        return (string) round($mm, 2);
    }
}
