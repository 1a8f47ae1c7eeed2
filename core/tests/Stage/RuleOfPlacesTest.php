<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\RuleOfPlaces;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;

/** The rules of places find the same, whatever water is used and however the line is made: fixes of those do not ask them again. */
final class RuleOfPlacesTest extends TestCase
{
    public function testTheUseAndTheLineDoNotMatterToThem(): void
    {
        $rules = array_filter(
            array_merge(...array_map(static fn (Stage $stage): array => $stage->rules(), Assessor::stages())),
            static fn (Rule $rule): bool => $rule instanceof RuleOfPlaces,
        );
        $found = [];
        for ($seed = 1; $seed <= 150; ++$seed) {
            $plan = SamplePlans::varied($seed);
            $other = SamplePlans::varied($seed + 1000);
            $changed = PartFields::changed($plan, ['use' => $other->use, 'line' => $other->line]);
            foreach ($rules as $rule) {
                $was = self::found($rule, Workings::over($plan));
                self::assertSame($was, self::found($rule, Workings::over($changed)), $rule::class." of seed $seed");
                $found[$rule::class] = ($found[$rule::class] ?? 0) + \count($was);
            }
        }
        self::assertCount(8, $found);
        self::assertGreaterThan(6, \count(array_filter($found)));
    }

    /** @return list<array{string, float, float}> */
    private static function found(Rule $rule, Workings $workings): array
    {
        return array_map(static fn (Finding $one): array => [$one->key(), $one->measure->value, $one->measure->limit], $rule->check($workings));
    }
}
