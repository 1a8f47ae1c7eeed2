<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Tanks\PlannedShape;
use YardCask\Core\Tests\SamplePlans;

final class PlannedShapeTest extends TestCase
{
    /**
     * @return iterable<string, array{string, float, float, float, float, float}> shape, sizes in mm; litres in all, litres below half and below a
     *                                                                            quarter of the height
     */
    public static function shapes(): iterable
    {
        yield 'a box' => ['box', 1000, 500, 400, 200, 50];
        yield 'a drum' => ['upright_cylinder', 400, 400, 1000, 40 * \M_PI, 10 * \M_PI];
        yield 'an oval drum' => ['upright_cylinder', 800, 200, 1000, 40 * \M_PI, 10 * \M_PI];
        yield 'a barrel on its side' => ['lying_cylinder', 1000, 400, 400, 40 * \M_PI, 40 * (\M_PI / 3 - sqrt(3) / 4)];
        yield 'a barrel across' => ['lying_cylinder', 400, 1000, 400, 40 * \M_PI, 40 * (\M_PI / 3 - sqrt(3) / 4)];
        yield 'a flat barrel' => ['lying_cylinder', 1000, 800, 200, 40 * \M_PI, 40 * (\M_PI / 3 - sqrt(3) / 4)];
    }

    #[DataProvider('shapes')]
    public function testATankHoldsWhatItsShapeHolds(string $shape, float $length, float $width, float $height, float $litres, float $quarter): void
    {
        $tank = PartFields::changed(SamplePlans::fellside()->tanks[0], ['lengthMm' => $length, 'widthMm' => $width, 'heightMm' => $height]);
        $inside = PlannedShape::from($shape)->inside($tank->sizeMm(), $tank->arch, $tank->levels);
        self::assertSame($height, $inside->heightMm());
        self::assertEqualsWithDelta(
            [$litres, $litres / 2, $quarter],
            [$inside->litresBelow($height), $inside->litresBelow($height / 2), $inside->litresBelow($height / 4)],
            1e-9,
        );
    }
}
