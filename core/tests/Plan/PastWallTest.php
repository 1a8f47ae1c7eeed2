<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Plan\Rig\PastWall;

/** Past which wall something reaches, and which of its places have to change. */
final class PastWallTest extends TestCase
{
    /** @return iterable<string, array{list<float>, string|null, list<string>}> metres past front, rear, side and roof; the worst; all that are passed */
    public static function places(): iterable
    {
        yield 'inside' => [[-0.5, -1.0, -0.2, -0.3], null, []];
        yield 'against the wall' => [[0.0, -1.0, -0.2, -0.3], null, []];
        yield 'past it by less than a tape tells' => [[0.0004, -1.0, -0.2, -0.3], null, ['front']];
        yield 'past one' => [[-0.5, 0.02, -0.2, -0.3], 'rear', ['rear']];
        yield 'past two, the worse one counts' => [[-0.5, 0.02, 0.1, -0.3], 'side', ['rear', 'side']];
        yield 'past all' => [[0.4, 0.3, 0.2, 0.1], 'front', ['front', 'rear', 'side', 'roof']];
    }

    /**
     * @param list<float> $overM
     * @param list<string> $passed
     */
    #[DataProvider('places')]
    public function testTheWorstWallAndAllThatArePassed(array $overM, ?string $worst, array $passed): void
    {
        $walls = array_map(static fn (float $over, string $wall): PastWall => new PastWall($over, $wall, 'x_m', 0.0), $overM, ['front', 'rear', 'side', 'roof']);
        self::assertSame($worst, PastWall::worst($walls)?->wall);
        self::assertSame($passed, array_column(PastWall::passed($walls), 'wall'));
    }
}
