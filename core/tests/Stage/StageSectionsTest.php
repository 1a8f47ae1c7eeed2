<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\KeptRules;
use YardCask\Core\Assessment\KeptStage;
use YardCask\Core\Assessment\Memory;
use YardCask\Core\Assessment\Readings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\IssuedNumbers;
use YardCask\Core\Plan\Load\LoadPlan;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Runs\PlannedRunPoint;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Mode\ModeSearch;
use YardCask\Core\Stage\Line\Shared\TapReach;
use YardCask\Core\Stage\Parts\Joints\JointSummary;
use YardCask\Core\Stage\Parts\Shared\FittingWeights;
use YardCask\Core\Stage\Parts\Shared\JointFittings;
use YardCask\Core\Stage\Parts\Shopping\HeldPipes;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/**
 * Two plans that share every section on which something depends have it in common: what a stage says, what rules find, and what is worked out. So
 * what is kept of one can be used for the other, and a fix that changes none of those sections need not run such rules again.
 */
final class StageSectionsTest extends TestCase
{
    /** What is kept, by the beginning of its name, and how often it must be put to the test. */
    private const LEAST = [
        KeptStage::class.' use ' => 60,
        KeptStage::class.' tanks ' => 50,
        KeptStage::class.' line ' => 50,
        KeptStage::class.' parts ' => 80,
        KeptRules::class.' line ' => 230,
        KeptRules::class.' parts line_joints ' => 230,
        KeptRules::class.' parts rig ' => 330,
        FittingWeights::class.' ' => 60,
        HeldPipes::class.' ' => 230,
        JointFittings::class.' ' => 230,
        JointSummary::class.' ' => 230,
        ModeSearch::class.' ' => 180,
        TapReach::class.' ' => 230,
        Readings::class.' load ' => 330,
        Readings::class.' use ' => 230,
    ];

    public function testWhatIsNotAmongItsSectionsDoesNotMatter(): void
    {
        $plans = SamplePlans::demos();
        for ($seed = 1; $seed <= 18; ++$seed) {
            $plans["seed $seed"] = SamplePlans::varied($seed);
        }
        $tried = array_fill_keys(array_keys(self::LEAST), 0);
        foreach ($plans as $which => $plan) {
            $was = self::kept($plan);
            foreach (self::changed($plan, SamplePlans::varied(1000 + array_sum($tried))) as $what => $other) {
                foreach (array_intersect_key(self::kept($other), $was) as $key => $values) {
                    foreach (array_keys(self::LEAST) as $name) {
                        if (str_starts_with($key, $name)) {
                            // Each plan keeps the modes that were asked for; those of both are compared.
                            $isSome = ModeSearch::class.' ' === $name;
                            [$before, $after] = $isSome ? [array_intersect_key($was[$key], $values), array_intersect_key($values, $was[$key])] : [$was[$key], $values];
                            self::assertSame($before, $after, "Another $what, $which, $name");
                            ++$tried[$name];
                        }
                    }
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
        $over = new PlannedRunPoint('over', 'Over the shelf', 2.0, 0.3, 2.1);
        foreach ($plan->line->pipes as $index => $pipe) {
            $pipes = array_values(array_diff_key($plan->line->pipes, [$index => true]));
            yield 'line without '.$pipe->id => PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['pipes' => $pipes])]);
            $longer = PartFields::changed($pipe, ['lengthM' => 0.3 + 0.7 * ($pipe->lengthM ?? 2.0)]);
            foreach (['length' => $longer, 'way' => PartFields::changed($pipe, ['points' => [$over]])] as $what => $changed) {
                $pipes = array_replace($plan->line->pipes, [$index => $changed]);
                yield $what.' of '.$pipe->id => PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['pipes' => $pipes])]);
            }
        }
    }

    /** @return array<string, array<array-key, mixed>> all that is kept of a plan, by its key */
    private static function kept(Plan $plan): array
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
                $this->kept[$key] = $values() ?? [];
            }
        };
        Assessor::assess($plan, '-', SampleLines::stock(), memory: $memory);

        return $memory->kept;
    }
}
