<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use YardCask\Core\Bay\Box;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Run\Stretch;
use YardCask\Core\Run\WayRound;

final class WayRoundTest extends TestCase
{
    private const ROOM = [[-5000.0, -5000.0, 0.0], [5000.0, 5000.0, 3000.0]];

    /** 0.4 m wide, 0.6 m deep and 0.2 m to its top from the way through its middle: over it takes the least. */
    public function testTheNearestWayIsFirst(): void
    {
        $box = new Box([-200.0, -300.0, 500.0], [200.0, 300.0, 1200.0]);
        $ways = (new WayRound([$box], new Box(...self::ROOM)))->ways(new RunPoint(-1.0, 0.0, 1.0), new RunPoint(1.0, 0.0, 1.0));
        $bends = array_map(static fn (RunPoint $bend): array => [round($bend->xM, 6), round($bend->yM, 6), round($bend->zM, 6)], $ways[0]);
        self::assertSame([[-0.2, 0.0, 1.2], [0.2, 0.0, 1.2]], $bends);
        // 2 · √(0.8² + 0.2²) + 0.4, 2 · √(0.8² + 0.3²) + 0.4 to either side, and 2 · √(0.8² + 0.5²) + 0.4 below.
        $lengths = array_map(
            static fn (array $way): float => round(WayRound::lengthM([new RunPoint(-1.0, 0.0, 1.0), ...$way, new RunPoint(1.0, 0.0, 1.0)]), 3),
            $ways,
        );
        self::assertSame([2.049, 2.109, 2.109, 2.287], $lengths);
    }

    public function testWhatIsFreeNeedsNoWayAndWhatIsShutInHasNone(): void
    {
        $from = new RunPoint(-1.0, 0.0, 1.0);
        $to = new RunPoint(1.0, 0.0, 1.0);
        self::assertSame([], (new WayRound([new Box([-200.0, 0.0, 500.0], [200.0, 300.0, 1200.0])], new Box(...self::ROOM)))->ways($from, $to));
        $wall = new Box([-100.0, -6000.0, -100.0], [100.0, 6000.0, 4000.0]);
        self::assertSame([], (new WayRound([$wall], new Box(...self::ROOM)))->ways($from, $to));
    }

    public function testEveryWayKeepsClearOfRandomBoxesAndStaysWhereItMay(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $found = $blocked = 0;
        for ($number = 0; $number < 300; ++$number) {
            [$from, $to] = [new RunPoint(-2.0, 0.0, 1.0), new RunPoint(2.0, 0.2, 0.6)];
            $boxes = [];
            while (\count($boxes) < 6) {
                $low = [(float) $random->getInt(-1800, 1400), (float) $random->getInt(-700, 300), (float) $random->getInt(0, 900)];
                $boxes[] = Box::at($low, [(float) $random->getInt(50, 400), (float) $random->getInt(50, 900), (float) $random->getInt(50, 1200)]);
            }
            $boxes = array_values(array_filter($boxes, static fn (Box $box): bool => !$from->isInside($box) && !$to->isInside($box)));
            $hits = array_filter($boxes, static fn (Box $box): bool => (new Stretch($from, $to))->throughMm($box) > 0);
            $ways = (new WayRound($boxes, new Box(...self::ROOM)))->ways($from, $to);
            if ([] === $hits) {
                self::assertSame([], $ways);
                continue;
            }[] === $ways ? ++$blocked : ++$found;
            foreach ($ways as $bends) {
                $points = [$from, ...$bends, $to];
                foreach (\array_slice($points, 1) as $index => $point) {
                    $piece = new Stretch($points[$index], $point);
                    foreach ($boxes as $box) {
                        self::assertEqualsWithDelta(0.0, $piece->throughMm($box), 1e-3, 'number '.$number);
                    }
                    self::assertTrue($point === $to || (new Box(...self::ROOM))->overlapMm(new Box(...array_fill(0, 2, [1000 * $point->xM, 1000 * $point->yM, 1000 * $point->zM]))) >= 0.0);
                }
                // Each bend is needed.
                for ($index = 1; $index < \count($points) - 1; ++$index) {
                    $straight = new Stretch($points[$index - 1], $points[$index + 1]);
                    self::assertNotSame([], array_filter($boxes, static fn (Box $box): bool => null !== $straight->inside($box)));
                }
            }
        }
        self::assertGreaterThan(200, $found);
        self::assertLessThan(20, $blocked);
    }
}
