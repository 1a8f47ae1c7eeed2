<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfJoining;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Parts\Edit\CatalogueEnds;
use YardCask\Core\Stage\Parts\Edit\TankFittings;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Stage\Parts\Joints\Verdict;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Joints of which nobody has measured both ends. */
final class EndsUnmeasured implements RuleOfJoining, RuleOfSections
{
    public static function sections(): array
    {
        return PlanJoints::sections();
    }

    public function check(Workings $workings): array
    {
        $unmeasured = $workings->of(PlanJoints::class)->that(Verdict::Unmeasured);
        $first = $unmeasured[0] ?? null;
        if (null === $first) {
            return [];
        }

        return [new Finding(
            PartsFinding::Unmeasured,
            array_values(array_unique(array_map(static fn (JudgedJoint $one): string => $one->pipeId(), $unmeasured))),
            new Measure((float) \count($unmeasured), 0.0, ''),
            new SnagText('parts.unmeasured.title', 'parts.unmeasured.why', ['count' => \count($unmeasured), 'at' => $first->at]),
            static fn (): array => self::known($workings),
        )];
    }

    /** @return list<Fix> the ends that the catalogue knows, and fittings and hoses for the tanks */
    private static function known(Workings $workings): array
    {
        $ends = CatalogueEnds::patches($workings);
        $known = [] === $ends ? $workings : $workings->with(PlanPatch::all($ends)->applyTo($workings->plan));
        $patches = [...$ends, ...(new TankFittings($known))->patches()];
        $label = new Phrase('parts.fix.known', ['ends' => \count($ends), 'fittings' => \count($patches) - \count($ends)]);

        return [] === $patches ? [] : [new Fix($label, PlanPatch::all($patches), isCorrection: true)];
    }
}
