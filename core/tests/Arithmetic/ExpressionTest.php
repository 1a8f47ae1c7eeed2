<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Arithmetic;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Arithmetic\Expression;

/** An expression is worked out as mathematics has it, and written as people do. */
final class ExpressionTest extends TestCase
{
    #[TestWith(['2 + 3 * 4', 14.0, '2 + 3 × 4'])]
    #[TestWith(['(2 + 3) * 4', 20.0, '(2 + 3) × 4'])]
    #[TestWith(['10 - 4 - 3', 3.0, '10 − 4 − 3'])]
    #[TestWith(['10 - (4 - 3)', 9.0, '10 − (4 − 3)'])]
    #[TestWith(['24 / 4 / 2', 3.0, '24 ÷ 4 ÷ 2'])]
    #[TestWith(['24 / (4 * 2)', 3.0, '24 ÷ (4 × 2)'])]
    #[TestWith(['2 ** 3 ** 2', 512.0, '2 ^ (3²)'])]
    #[TestWith(['(1 + 2) ** 2', 9.0, '(1 + 2)²'])]
    #[TestWith(['-2 * 3', -6.0, '−2 × 3'])]
    #[TestWith(['5 - -2', 7.0, '5 − −2'])]
    #[TestWith(['x_1 * (1 - r)', 8.0, 'stay × (1 − reserve)'])]
    #[TestWith(['sum(x_1, 1, 2) * 2', 26.0, '(stay + 1 + 2) × 2'])]
    #[TestWith(['sum(1, 2, 3, 4, 5)', 15.0, '1 + … + 5'])]
    #[TestWith(['sum()', 0.0, '0'])]
    #[TestWith(['min(3, 1, 2) + max(3, 1, 2)', 4.0, 'min(3, 1, 2) + max(3, 1, 2)'])]
    #[TestWith(['sqrt(16) + abs(-3)', 7.0, '√(16) + |−3|'])]
    #[TestWith(['floor(2.9) * ceil(2.1)', 6.0, 'floor(2.9) × ceil(2.1)'])]
    #[TestWith(['sin(pi / 2) + cos(0) + tan(0) + 4 * atan(1) - pi', 2.0, 'sin(π ÷ 2) + cos(0) + tan(0) + 4 × atan(1) − π'])]
    #[TestWith(['log(exp(2))', 2.0, 'log(exp(2))'])]
    #[TestWith(['1000000 / 10', 100000.0, "1\u{A0}000\u{A0}000 ÷ 10"])]
    public function testIsWorkedOutAndWritten(string $ascii, float $value, string $written): void
    {
        $expression = Expression::of($ascii);
        self::assertEqualsWithDelta($value, $expression->evaluate(['x_1' => 10.0, 'r' => 0.2]), 1e-12);
        self::assertSame($written, $expression->written(['x_1' => 'stay', 'r' => 'reserve']));
    }

    public function testKnowsItsSymbols(): void
    {
        self::assertSame(['b', 'a'], Expression::of('b * a + pi * b')->symbols());
        self::assertTrue(Expression::of('a')->isLoneSymbol());
        self::assertFalse(Expression::of('sum(a)')->isLoneSymbol());
        self::assertSame('“Tank, brim full” × 2', Expression::of('a * 2')->written(['a' => 'Tank, brim full']));
    }

    #[TestWith(['1 +'])]
    #[TestWith(['(1 + 2'])]
    #[TestWith(['1 2'])]
    #[TestWith(['a ? b : c'])]
    #[TestWith(['round(1)'])]
    #[TestWith(['sum(1'])]
    public function testRefusesWhatIsNoExpression(string $ascii): void
    {
        $this->expectException(\LogicException::class);
        Expression::of($ascii);
    }

    public function testDividedByNothingIsNoNumber(): void
    {
        self::assertNan(Expression::of('1 / a')->evaluate(['a' => 0.0]));
        $this->expectException(\LogicException::class);
        Expression::of('1 / a')->evaluate([]);
    }
}
