<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\OutletFigures;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;

/** An outlet is judged by its own need of flow and of pressure, whichever it is nearer to. */
final class SolvedOutletTest extends TestCase
{
    #[TestWith([4.0, 60.0, 30.0, 4 / 3, false, true])]
    #[TestWith([6.0, 45.0, 30.0, 1.5, true, true])]
    #[TestWith([6.0, 15.0, 30.0, 0.5, true, false])]
    #[TestWith([2.4, 15.0, 0.0, 0.8, false, false])]
    #[TestWith([6.0, 0.0, 0.0, 2.0, false, true])]
    public function testItsShareIsTheSmallerOfTheTwo(float $lpm, float $kpa, float $leastKpa, float $share, bool $short, bool $enough): void
    {
        $part = SampleLines::of(SystemType::Pressure)->part('Galley tap');
        $figures = PartFields::changed($part->figures, ['leastLpm' => 3.0, 'leastKpa' => $leastKpa]);
        \assert($figures instanceof OutletFigures);
        $outlet = new SolvedOutlet($part, $figures, $lpm, $kpa, 15.0, 0.0);
        self::assertEqualsWithDelta($share, $outlet->share(), 1e-12);
        self::assertSame([$short, $enough], [$outlet->isShortOfPressure(), $outlet->isEnough()]);
    }
}
