<?php

declare(strict_types=1);

namespace YardCask\Core\Tank;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A tank with the heights of its outlet and overflow above the inner floor. */
final readonly class TankInput
{
    public const DEFAULT_MARKS = [0.25, 0.5, 0.75];

    /** @param list<float> $marks fractions of the usable volume, each from 0 to 1 */
    public function __construct(
        public TankShape $shape,
        /** From 0 to below the overflow. */
        public float $outletHeightMm,
        /** Above the outlet, up to the lid. */
        public float $overflowHeightMm,
        /** Volume lost to baffles, as a fraction, 0 up to but not 1. */
        public float $displacedFraction = 0.0,
        public array $marks = self::DEFAULT_MARKS,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $kind = $in->choice('shape', TankShapeKind::cases());
        // Which sizes belong here depends on the shape.
        $in->throwIfInvalid();
        $shape = $kind->read($in);
        $outlet = $in->number('outlet_height_mm', Range::notNegative(), 0.0);
        $overflow = $in->optionalNumber('overflow_height_mm', Range::positive());
        $displaced = $in->number('displaced_fraction', Range::between(0, 0.99), 0.0);
        $marks = $in->numbers('marks', 1000, Range::between(0, 1), self::DEFAULT_MARKS);
        $in->finish();
        if (!$in->failed()) {
            self::checkHeights($in, $shape, $outlet, $overflow);
        }

        return new self($shape, $outlet, $overflow ?? $shape->heightMm(), $displaced, $marks);
    }

    private static function checkHeights(InputReader $in, TankShape $shape, float $outlet, ?float $overflow): void
    {
        $top = $shape->heightMm();
        if (null !== $overflow && $overflow > $top) {
            $in->fail('overflow_height_mm', \sprintf('The overflow (%s mm) lies above the lid (%s mm).', $overflow, $top));
        }
        if ($outlet >= ($overflow ?? $top)) {
            $in->fail('outlet_height_mm', \sprintf('The outlet (%s mm) must lie below the overflow (%s mm).', $outlet, $overflow ?? $top));
        }
    }
}
