<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Shared\TapReach;
use YardCask\Core\Tests\SamplePlans;

/** A tank that no tap reaches is connected from the stage of the line, with one button. */
final class ConnectionsTest extends TestCase
{
    public function testATankThatNothingDrawsOnIsConnectedThroughAValveOfItsOwn(): void
    {
        $plan = SamplePlans::fellside();
        self::assertSame([], Assessor::drawn($plan, 'line', SampleLines::stock())?->additions);
        $second = PartFields::changed($plan->tanks[0], ['id' => 'second', 'name' => 'Second tank', 'ports' => [], 'yM' => 0.5, 'bay' => null]);
        $plan = PartFields::changed($plan, ['tanks' => [...$plan->tanks, $second]]);
        self::assertFalse($this->isDrawn($plan));
        $additions = Assessor::drawn($plan, 'line', SampleLines::stock())->additions ?? [];
        self::assertCount(1, $additions);
        self::assertStringContainsString('Second tank', $additions[0]->label);
        $connected = $additions[0]->patch->applyTo($plan);
        self::assertTrue($this->isDrawn($connected));
        self::assertGreaterThan(\count($plan->line->parts), \count($connected->line->parts));
        self::assertSame([], Assessor::drawn($connected, 'line', SampleLines::stock())?->additions);
    }

    private function isDrawn(Plan $plan): bool
    {
        return Workings::over($plan)->of(TapReach::class)->isDrawn($plan->tanks[\count($plan->tanks) - 1]);
    }
}
