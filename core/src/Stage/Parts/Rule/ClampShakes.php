<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfJoining;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Stage\Parts\Joints\ShakenJoints;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A screwed clamp on the pressure side of a pump: it works loose where the hose shakes, and the hose comes off under pressure. */
final class ClampShakes implements RuleOfJoining, RuleOfSections
{
    public static function sections(): array
    {
        return PlanJoints::sections();
    }

    public function check(Workings $workings): array
    {
        $shaken = ShakenJoints::of($workings);
        $joints = $shaken->joints;
        if ([] === $joints) {
            return [];
        }

        return [new Finding(
            PartsFinding::ClampShakes,
            array_map(static fn (JudgedJoint $one): string => $one->pipeId(), $joints),
            new Measure((float) \count($joints), 0.0, ''),
            new SnagText('parts.clamp-shakes.title', 'parts.clamp-shakes.why', ['count' => \count($joints), 'at' => $joints[0]->at]),
            static fn (): array => [
                new Fix(new Phrase('parts.fix.rings'), $shaken->ringed()),
                new Fix(new Phrase('parts.fix.rings.all'), $shaken->allRinged($workings->plan)),
            ],
            // A pump that is turned round presses where nothing was meant to.
            causes: array_map(static fn (string $pump): string => 'line.backwards '.$pump, $shaken->pumps),
        )];
    }
}
