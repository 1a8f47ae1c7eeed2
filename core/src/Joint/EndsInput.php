<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** What somebody has measured of an end with a caliper and a pitch gauge. */
final readonly class EndsInput
{
    private const INCH_MM = 25.4;

    public function __construct(
        /** Over the crests of a male thread, the ridge of a barb, a tube; inside a female thread. */
        public float $mm,
        public Sex $sex,
        /** Threads an inch, where it has threads that were measured. */
        public ?float $tpi = null,
        /** Whether it narrows, where somebody has looked. */
        public ?bool $isTapered = null,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $mm = Range::between(0.5, 400.0);
        [$outerMm, $innerMm] = [$in->optionalNumber('outer_mm', $mm), $in->optionalNumber('inner_mm', $mm)];
        if ((null === $outerMm) === (null === $innerMm)) {
            $in->fail('outer_mm', 'Measure one of two: outer_mm over a male thread, a barb or a tube, or inner_mm inside a female thread.');
        }
        $tpi = $in->optionalNumber('pitch_tpi', Range::between(1.0, 100.0));
        $pitchMm = $in->optionalNumber('pitch_mm', Range::between(0.25, 25.4));
        if (null !== $tpi && null !== $pitchMm) {
            $in->fail('pitch_mm', 'Give the pitch once: in threads an inch, or in millimetres.');
        }
        $isTapered = $in->has('taper') ? $in->boolean('taper') : null;
        $in->finish();

        return new self(
            $outerMm ?? $innerMm ?? 1.0,
            null === $outerMm ? Sex::Female : Sex::Male,
            $tpi ?? (null === $pitchMm ? null : self::INCH_MM / $pitchMm),
            $isTapered,
        );
    }
}
