<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Parts;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Parts\Edit\JoinedPlan;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** Lines of which every joint is settled, to be spoiled. */
final class JoinedLines
{
    public static function of(SystemType $system): Plan
    {
        /** @var array<string, Plan> $known */
        static $known = [];

        return $known[$system->value] ??= self::measured(JoinedPlan::of(SampleLines::of($system)->plan, SampleLines::stock()));
    }

    /** @param array<string, mixed> $changes by property */
    public static function part(Plan $plan, string $name, array $changes): Plan
    {
        $changed = static fn (PlannedPart $one): PlannedPart => $name === $one->name ? PartFields::changed($one, $changes) : $one;

        return PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['parts' => array_map($changed, $plan->line->parts)])]);
    }

    /** @param \Closure(PlannedPipe): array<string, mixed> $changes by property */
    public static function pipes(Plan $plan, \Closure $changes): Plan
    {
        $changed = static fn (PlannedPipe $one): PlannedPipe => PartFields::changed($one, $changes($one));

        return PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['pipes' => array_map($changed, $plan->line->pipes)])]);
    }

    public static function joints(Plan $plan): PlanJoints
    {
        return Workings::over($plan, SampleLines::stock())->of(PlanJoints::class);
    }

    private static function measured(Plan $plan): Plan
    {
        return self::pipes($plan, static fn (PlannedPipe $one): array => ['lengthM' => $one->lengthM ?? 0.6]);
    }
}
