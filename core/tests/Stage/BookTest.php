<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\BookPage;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;

/** A plan on paper. */
final class BookTest extends TestCase
{
    public function testEveryFigureIsOnOnePageAndEveryStageIsDrawnWhole(): void
    {
        foreach (SamplePlans::demos() as $plan) {
            $pages = Assessor::book($plan);
            self::assertSame(['use', 'load', 'tanks', 'line', 'parts'], array_column($pages, 'stage'));
            $printed = array_merge(...array_map(static fn (BookPage $page): array => $page->figures, $pages));
            self::assertEquals(array_values(Assessor::assess($plan)->figures), $printed);
            foreach ($pages as $page) {
                self::assertEquals(Assessor::drawn($plan, $page->stage)?->drawing, $page->drawing);
            }
        }
    }

    /** @return iterable<string, array{Plan, list<string>}> what is still to be weighed */
    public static function scales(): iterable
    {
        $demos = SamplePlans::demos();
        $guessed = static fn (Plan $plan, string ...$keys): Plan => Plan::read(
            SamplePlans::patched($plan, '['.implode(',', array_map(static fn (string $key): string => '{"op":"remove","path":"/load/rig/'.$key.'"}', $keys)).']'),
        );
        $fellside = $demos['fellside'];
        yield 'a front axle' => [$fellside, ['Weigh the front axle: 1 442 kg comes from lists and may be 115 kg out']];
        yield 'both axles' => [$guessed($fellside, 'axles/1/weighed_kg'), ['Weigh the rear axle: 1 450 kg', 'Weigh the front axle: 1 442 kg']];
        yield 'nothing of a trailer that was weighed' => [$demos['bothy'], []];
        yield 'a trailer’s nose' => [$guessed($demos['bothy'], 'nose_weighed_kg'), ['Weigh the nose: 60 kg']];
        yield 'a trailer and its nose' => [
            $guessed($demos['bothy'], 'weighed_kg', 'nose_weighed_kg'),
            ['Weigh the whole rig: 870 kg', 'Weigh the nose: 60 kg'],
        ];
        yield 'a boat, which has papers' => [$demos['petrel'], []];
    }

    /** @param list<string> $expected how its jobs begin */
    #[DataProvider('scales')]
    public function testWeightsThatAreGuessedAreListedThoseThatMayBeMostOutFirst(Plan $plan, array $expected): void
    {
        $jobs = Assessor::book($plan)[1]->toMeasure;
        self::assertCount(\count($expected), $jobs, implode("\n", $jobs));
        foreach ($expected as $index => $start) {
            self::assertStringStartsWith($start, (string) preg_replace('/\p{Zs}/u', ' ', $jobs[$index]));
        }
    }
}
