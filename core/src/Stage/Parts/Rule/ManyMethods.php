<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfJoining;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\JoiningMethod;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Stage\Parts\Joints\UsedMethods;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Words\SnagText;

/** More than two ways to join pipes, each with its own tool, spares and ways to go wrong. Threads do not count. */
final class ManyMethods implements RuleOfJoining, RuleOfSections
{
    private const MOST = 2;

    public static function sections(): array
    {
        return PlanJoints::sections();
    }

    public function check(Workings $workings): array
    {
        // Threads do not count: every line has some.
        $used = array_diff(array_keys(UsedMethods::counted($workings)), [JoiningMethod::Screwed->value]);
        $methods = array_map(static fn (string $one): string => JoiningMethod::from($one)->word(), array_values($used));
        if (\count($methods) <= self::MOST) {
            return [];
        }

        return [new Finding(
            PartsFinding::ManyMethods,
            [],
            new Measure((float) \count($methods), (float) self::MOST, ''),
            new SnagText('parts.many-methods.title', 'parts.many-methods.why', ['count' => \count($methods), 'methods' => $methods]),
            static fn (): array => [],
        )];
    }
}
