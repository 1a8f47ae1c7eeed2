<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Wire;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Wire\AmericanGauge;

final class AmericanGaugeTest extends TestCase
{
    /** The sections that the standard's own table gives to even gauges: 2.08 mm² is 14, 3.31 is 12, 5.26 is 10, 13.3 is 6. */
    #[TestWith([2.08, 14])]
    #[TestWith([3.308, 12])]
    #[TestWith([5.26, 10])]
    #[TestWith([13.29, 6])]
    #[TestWith([0.75, 18])]
    #[TestWith([1.0, 16])]
    #[TestWith([1.5, 14])]
    #[TestWith([2.5, 12])]
    #[TestWith([4.0, 10])]
    #[TestWith([6.0, 8])]
    #[TestWith([10.0, 6])]
    public function testIsTheEvenGaugeThatIsAtLeastAsThick(float $mm2, int $gauge): void
    {
        self::assertSame($gauge, AmericanGauge::of($mm2));
        $areaMm2 = static fn (int $of): float => \M_PI / 4 * (0.127 * 92 ** ((36 - $of) / 39)) ** 2;
        self::assertGreaterThan($mm2 * 0.995, $areaMm2($gauge));
        self::assertLessThan($mm2, $areaMm2($gauge + 2));
    }
}
