<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\KeptStage;
use YardCask\Core\Assessment\Memory;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\IssuedNumbers;
use YardCask\Core\Plan\Load\LoadPlan;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/**
 * A stage says the same about two plans that share every section on which it depends. So what is kept of one can be used for the other, and a fix
 * that changes none of those sections need not run the stage’s rules again.
 */
final class StageSectionsTest extends TestCase
{
    /** How often each must be put to the test. */
    private const LEAST = ['use' => 200, 'tanks' => 150, 'line' => 150, 'parts' => 250];

    public function testWhatIsNotAmongItsSectionsDoesNotMatterToAStage(): void
    {
        $plans = SamplePlans::demos();
        for ($seed = 1; $seed <= 60; ++$seed) {
            $plans["seed $seed"] = SamplePlans::varied($seed);
        }
        $tried = array_fill_keys(array_keys(self::LEAST), 0);
        foreach ($plans as $which => $plan) {
            $workings = Workings::over($plan, SampleLines::stock());
            $was = self::said($plan);
            foreach (self::changed($plan, SamplePlans::varied(1000 + array_sum($tried))) as $what => $other) {
                $with = $workings->with($other);
                $same = array_filter(Assessor::stages(), static fn (Stage $one): bool => $with->isAsBefore($one->sections()));
                $says = [] === $same ? [] : self::said($other);
                foreach ($same as $stage) {
                    self::assertSame($was[$stage->name()], $says[$stage->name()], "Another $what, $which, {$stage->name()}");
                    $tried[$stage->name()] = 1 + ($tried[$stage->name()] ?? 0);
                }
            }
        }
        foreach (self::LEAST as $name => $least) {
            self::assertGreaterThan($least, $tried[$name], $name);
        }
    }

    /** @return iterable<string, Plan> a plan with one thing taken from another, by what that is */
    private static function changed(Plan $plan, Plan $other): iterable
    {
        $load = static fn (LoadPlan $load, string ...$names): LoadPlan => PartFields::changed(
            $load,
            array_combine($names, array_map(static fn (string $name): mixed => $other->load->{$name}, $names)),
        );
        yield 'name' => PartFields::changed($plan, ['name' => 'Another', 'issued' => new IssuedNumbers(['tank' => 900, 'load' => 900, 'bay' => 900])]);
        yield 'unit' => PartFields::changed($plan, ['units' => new UnitPreferences(Unit::UsGallon, Unit::Inch, Unit::Pound, Unit::Psi, Unit::Fahrenheit)]);
        yield 'use' => PartFields::changed($plan, ['use' => $other->use]);
        yield 'crew' => PartFields::changed($plan, ['use' => PartFields::changed($plan->use, ['crew' => $plan->use->crew + 1])]);
        yield 'rig' => PartFields::changed($plan, ['load' => $load($plan->load, 'rig')]);
        yield 'stowage' => PartFields::changed($plan, ['load' => $load($plan->load, 'seats', 'loads')]);
        yield 'thing' => PartFields::changed($plan, ['load' => $load($plan->load, 'things')]);
        yield 'travel fill' => PartFields::changed($plan, ['load' => $load($plan->load, 'travelFill')]);
        yield 'filling' => PartFields::changed($plan, ['load' => $load($plan->load, 'bucketL', 'hoseLpm', 'meterL', 'wasteEmptied')]);
        yield 'bay' => PartFields::changed($plan, ['bays' => $other->bays]);
        yield 'tank' => PartFields::changed($plan, ['tanks' => $other->tanks]);
        yield 'run' => PartFields::changed($plan, ['runs' => $other->runs]);
        yield 'line' => PartFields::changed($plan, ['line' => $other->line]);
        foreach ($plan->line->pipes as $index => $pipe) {
            $pipes = array_values(array_diff_key($plan->line->pipes, [$index => true]));
            yield 'line without '.$pipe->id => PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['pipes' => $pipes])]);
            $longer = PartFields::changed($pipe, ['lengthM' => 0.3 + 0.7 * ($pipe->lengthM ?? 2.0)]);
            yield 'length of '.$pipe->id => PartFields::changed(
                $plan,
                ['line' => PartFields::changed($plan->line, ['pipes' => array_replace($plan->line->pipes, [$index => $longer])])],
            );
        }
    }

    /** @return array<string, array<array-key, mixed>> all that is kept of what each stage says, by its name */
    private static function said(Plan $plan): array
    {
        $memory = new class implements Memory {
            /** @var array<string, array<array-key, mixed>> */
            public array $kept = [];

            public function recall(string $key): ?array
            {
                return null;
            }

            public function keep(string $key, \Closure $values): void
            {
                [$class, $name] = explode(' ', $key);
                if (KeptStage::class === $class) {
                    $this->kept[$name] = $values() ?? [];
                }
            }
        };
        Assessor::assess($plan, '-', SampleLines::stock(), memory: $memory);

        return $memory->kept;
    }
}
