<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\Json;
use YardCask\Core\Search\Unwatched;
use YardCask\Core\Search\Watch;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Tanks\Stock\StockPairs;
use YardCask\Core\Stage\Tanks\Stock\StockSearch;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** Searches that are watched, and ended early. */
final class SearchesTest extends TestCase
{
    /** @return iterable<string, array{callable(Watch): list<mixed>}> each gives what it has found, one after the other */
    public static function searches(): iterable
    {
        $plan = SamplePlans::fellside();
        $parts = SampleLines::stock();
        $tanks = $parts->tanks();
        yield 'single tanks' => [static fn (Watch $watch): array => StockSearch::over($plan, $tanks, 'tail', $parts, $watch)->rows];
        yield 'pairs of tanks' => [static fn (Watch $watch): array => StockPairs::over($plan, $tanks, 'tail', $parts, $watch)->rows];
        yield 'sizes' => [static fn (Watch $watch): array => Assessor::sizes($plan, $parts, $watch)->tables];
        yield 'fixes' => [static fn (Watch $watch): array => Assessor::fixes(SamplePlans::varied(2), 'tanks', $parts, $watch)];
    }

    /** @param callable(Watch): list<mixed> $search */
    #[DataProvider('searches')]
    public function testWhatIsEndedGivesWhatItHasFoundByThen(callable $search): void
    {
        $whole = array_map(Json::encode(...), $search(new Unwatched()));
        self::assertGreaterThan(1, \count($whole));
        $before = -1;
        foreach ([0, 3, 12, \PHP_INT_MAX] as $patience) {
            $watch = new class($patience) implements Watch {
                /** @var list<array{int, int}> */
                public array $told = [];
                public int $asked = 0;

                public function __construct(private readonly int $patience)
                {
                }

                public function isOver(): bool
                {
                    return ++$this->asked > $this->patience;
                }

                public function tell(int $done, int $of): void
                {
                    $this->told[] = [$done, $of];
                }
            };
            $found = array_map(Json::encode(...), $search($watch));
            self::assertSame([], array_diff($found, $whole), 'Something was found that is not there.');
            self::assertGreaterThanOrEqual($before, \count($found));
            $before = \count($found);
            $done = array_column($watch->told, 0);
            $ascending = $done;
            sort($ascending);
            self::assertSame($ascending, $done);
            self::assertCount(1, array_unique(array_column($watch->told, 1)));
            self::assertLessThan($watch->told[0][1], max($done));
            self::assertTrue(0 < $patience || [] === $found);
        }
        self::assertCount(\count($whole), $found);
    }
}
