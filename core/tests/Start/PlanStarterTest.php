<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Start;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Assessor;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Input\InputError;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\TankForm;
use YardCask\Core\Start\FirstAnswers;
use YardCask\Core\Tests\SamplePlans;

final class PlanStarterTest extends TestCase
{
    /** @return list<array{string}> */
    public static function rigs(): array
    {
        return [['van'], ['bus'], ['pickup'], ['trailer'], ['boat']];
    }

    #[DataProvider('rigs')]
    public function testOrdinaryAnswersMakeAPlanThatWorks(string $rig): void
    {
        $plan = Plan::fromJson(SamplePlans::begun(['rig' => $rig, 'days' => 2])->toJson());
        $findings = array_filter(Assessor::assess($plan)->findings, static fn (Finding $finding): bool => Severity::Watch !== $finding->code->severity());
        self::assertSame([], array_map(static fn (Finding $finding): string => $finding->title, $findings));
    }

    public function testACanIsPlannedWhereACanWillDo(): void
    {
        self::assertSame(TankForm::Can, SamplePlans::begun(['crew' => 1, 'days' => 2, 'habit' => 'frugal', 'stay' => 'sites'])->tanks[0]->form);
        self::assertSame(TankForm::Fixed, SamplePlans::begun(['crew' => 4])->tanks[0]->form);
    }

    /** @return list<array{int|string, int|string, float, float}> people and days as answered, and as they stand in the plan */
    public static function typed(): array
    {
        return [[3, 4, 3.0, 4.0], ['three', 'a week', 3.0, 7.0], ['2 people', '36 h', 2.0, 1.5], [' 12 ', '2,5 days', 12.0, 2.5]];
    }

    #[DataProvider('typed')]
    public function testPeopleAndDaysAreTakenAsTheyAreTyped(int|string $crew, int|string $days, float $people, float $stay): void
    {
        $use = SamplePlans::begun(['crew' => $crew, 'days' => $days])->use;
        self::assertSame([$people, $stay], [$use->crew, $use->days]);
    }

    /** @return list<array{string, string, string, string}> people and days, the pointer of the refusal and a part of it */
    public static function refused(): array
    {
        return [['a few', '3', '/crew', 'not known'], ['90', '3', '/crew', '“90” was read as 90; the number of people can be from 1 to 60'], ['2', '1 min', '/days', 'can be from'], ['2', '3 kg', '/days', 'is a mass']];
    }

    #[DataProvider('refused')]
    public function testPeopleAndDaysThatCannotBeTakenAreExplained(string $crew, string $days, string $pointer, string $why): void
    {
        try {
            SamplePlans::begun(['crew' => $crew, 'days' => $days]);
            self::fail('These answers were taken.');
        } catch (InvalidInput $e) {
            self::assertSame($pointer, $e->errors[0]->pointer);
            self::assertStringContainsString($why, $e->errors[0]->message);
        }
    }

    public function testReportsEveryAnswerThatIsNotAllowed(): void
    {
        try {
            FirstAnswers::read((object) ['crew' => 0, 'stay' => 'moon', 'days' => 'x', 'rig' => 'sledge', 'volume' => 'gal', 'zest' => 1], SamplePlans::catalogue());
            self::fail('These answers were taken.');
        } catch (InvalidInput $e) {
            self::assertSame(['/volume', '/crew', '/stay', '/habit', '/days', '/rig', '/zest'], array_map(static fn (InputError $error): string => $error->pointer, $e->errors));
            self::assertStringContainsString('van, bus, pickup, trailer, boat', $e->getMessage());
        }
    }
}
