<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Edit;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Plan\Line\JoiningMethod;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Stage\Parts\Joints\ShakenJoints;
use YardCask\Core\Stage\Parts\Joints\Verdict;

/** A new plan with everything that joins it: ends from the catalogue, fittings in the tanks with room for their holes, and the cheapest adapters. */
final class JoinedPlan
{
    public static function of(Plan $plan, PartStock $stock): Plan
    {
        $plan = self::patched($plan, CatalogueEnds::patches(Workings::over($plan, $stock)));
        $plan = self::patched($plan, (new TankFittings(Workings::over($plan, $stock)))->patches());
        // The fittings may need larger holes than was thought.
        $plan = HoleMoves::in(Workings::over($plan, $stock))->patch()->applyTo($plan);
        $workings = Workings::over($plan, $stock);
        $fixes = new JoinFixes($workings);
        $joints = array_values(array_filter(
            $workings->of(PlanJoints::class)->all,
            static fn (JudgedJoint $one): bool => $one->isUnderPressure
                && \in_array($one->verdict, [Verdict::Apart, Verdict::Leaks], true)
                && null !== $fixes->chain($one, true),
        ));
        $joined = $fixes->all($joints);

        return self::ringed([] === $joined ? $plan : $joined[0]->patch->applyTo($plan), $stock);
    }

    /** With rings on all hoses where clamps would be shaken loose, or where pipes are crimped anyway: one tool is enough. */
    private static function ringed(Plan $plan, PartStock $stock): Plan
    {
        $workings = Workings::over($plan, $stock);
        $shaken = ShakenJoints::of($workings);
        $methods = array_merge(...array_map(static fn (JudgedJoint $one): array => $one->methods(), $workings->of(PlanJoints::class)->all));
        $isCrimped = \in_array(JoiningMethod::Crimp, $methods, true) && \in_array(JoiningMethod::Clamp, $methods, true);

        return [] === $shaken->joints && !$isCrimped ? $plan : $shaken->allRinged($plan)->applyTo($plan);
    }

    /** @param list<PlanPatch> $patches */
    private static function patched(Plan $plan, array $patches): Plan
    {
        return [] === $patches ? $plan : PlanPatch::all($patches)->applyTo($plan);
    }
}
