<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use YardCask\Core\Bay\Box;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Run\Stretch;

/** Straight pieces beside a box of 1 m from the origin, by hand, and beside random boxes against a walk along them. */
final class StretchTest extends TestCase
{
    /** @return iterable<string, array{list<float>, list<float>, float, bool, float}> from, to in m; mm inside, whether it is over, mm apart */
    public static function pieces(): iterable
    {
        yield 'straight through' => [[-1, 0.5, 0.5], [2, 0.5, 0.5], 1000.0, true, 0.0];
        yield 'into it' => [[-1, 0.5, 0.5], [0.25, 0.5, 0.5], 250.0, true, 0.0];
        yield 'along a face' => [[-1, 0, 0.5], [2, 0, 0.5], 0.0, false, 0.0];
        yield 'through a corner' => [[-0.5, 0.75, 0.5], [0.5, 1.75, 0.5], 0.0, false, 1000 * (0.25 / \M_SQRT2)];
        yield 'across a corner' => [[0.5, -0.25, 0.5], [1.25, 0.5, 0.5], 250 * \M_SQRT2, true, 0.0];
        yield 'above it' => [[-1, 0.5, 1.2], [2, 0.5, 1.2], 0.0, true, 200.0];
        yield 'below it' => [[-1, 0.5, -0.3], [2, 0.5, -0.3], 0.0, false, 300.0];
        yield 'upright through it' => [[0.5, 0.5, -1], [0.5, 0.5, 2], 1000.0, true, 0.0];
        yield 'upright above it' => [[0.5, 0.5, 1.1], [0.5, 0.5, 2], 0.0, true, 100.0];
        yield 'upright beside it' => [[1.3, 1.4, -1], [1.3, 1.4, 2], 0.0, false, 500.0];
        yield 'past an edge at its middle' => [[1.5, 0.5, 0.9], [0.9, 0.5, 1.5], 0.0, true, 1000 * (0.4 / \M_SQRT2)];
        yield 'a point' => [[1.3, 0.5, 0.5], [1.3, 0.5, 0.5], 0.0, false, 300.0];
    }

    /**
     * @param list<float> $from
     * @param list<float> $to
     */
    #[DataProvider('pieces')]
    public function testMeetsABox(array $from, array $to, float $throughMm, bool $isOver, float $apartMm): void
    {
        $box = new Box([0.0, 0.0, 0.0], [1000.0, 1000.0, 1000.0]);
        foreach ([[$from, $to], [$to, $from]] as [$begin, $end]) {
            $piece = new Stretch(new RunPoint(...$begin), new RunPoint(...$end));
            self::assertEqualsWithDelta($throughMm, $piece->throughMm($box), 1e-3);
            self::assertSame($isOver, $piece->isOver($box));
            self::assertEqualsWithDelta($apartMm, $piece->apartMm($box), 1e-3);
        }
    }

    public function testAgreesWithAWalkAlongIt(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $m = static fn (): float => $random->getInt(-200, 200) / 100;
        for ($number = 0; $number < 300; ++$number) {
            $low = [1000 * $m(), 1000 * $m(), 1000 * $m()];
            $box = new Box($low, [$low[0] + $random->getInt(50, 2000), $low[1] + $random->getInt(50, 2000), $low[2] + $random->getInt(50, 2000)]);
            $piece = new Stretch(new RunPoint($m(), $m(), $m()), new RunPoint($m(), $m(), $m()));
            [$inside, $least, $over, $steps] = [0, \INF, false, 2000];
            for ($step = 0; $step <= $steps; ++$step) {
                $at = $piece->at($step / $steps);
                $inside += $at->isInside($box) ? 1 : 0;
                $point = new Box([1000 * $at->xM, 1000 * $at->yM, 1000 * $at->zM], [1000 * $at->xM, 1000 * $at->yM, 1000 * $at->zM]);
                $least = min($least, $point->apartMm($box));
                $over = $over || (new RunPoint($at->xM, $at->yM, $box->high[2] / 1000 - 1e-6))->isInside($box) && 1000 * $at->zM > $box->low[2];
            }
            $stepMm = $piece->lengthMm() / $steps;
            self::assertEqualsWithDelta($inside * $stepMm, $piece->throughMm($box), 2 * $stepMm + 1e-3, 'piece '.$number);
            self::assertEqualsWithDelta($least, $piece->apartMm($box), $stepMm, 'piece '.$number);
            self::assertLessThanOrEqual($least + 1e-6, $piece->apartMm($box));
            // A crossing that is shorter than a step the walk may miss.
            self::assertTrue(!$over || $piece->isOver($box), 'piece '.$number);
        }
    }
}
