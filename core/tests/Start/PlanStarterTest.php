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

    public function testReportsEveryAnswerThatIsNotAllowed(): void
    {
        try {
            FirstAnswers::read((object) ['crew' => 0, 'stay' => 'moon', 'days' => 'x', 'rig' => 'sledge', 'volume' => 'gal', 'zest' => 1], SamplePlans::catalogue());
            self::fail('These answers were taken.');
        } catch (InvalidInput $e) {
            self::assertSame(['/crew', '/stay', '/habit', '/days', '/rig', '/volume', '/zest'], array_map(static fn (InputError $error): string => $error->pointer, $e->errors));
            self::assertStringContainsString('van, bus, pickup, trailer, boat', $e->getMessage());
        }
    }
}
