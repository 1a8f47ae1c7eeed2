<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Stage\Line\Shared\ShowerBranch;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Stage\Use\UseFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A shower runs from a tap in the uses, and no outlet of the line is a shower. What is poured over oneself by the litre needs none. */
final class ShowerMissing implements Rule
{
    private const HABIT = 'shower';

    public function check(Workings $workings): array
    {
        $demands = $workings->of(UseWorkings::class)->demand()->uses;
        foreach ($workings->plan->use->uses as $index => $use) {
            $isShower = null !== $use->flowLpm && (self::HABIT === $use->habit || str_contains(mb_strtolower($use->name), self::HABIT));
            $isNamed = \in_array($use->outlet, array_column($workings->plan->line->outlets(), 'id'), true);
            if ($isShower && !$isNamed && $demands[$index]->stayL > 0 && !ShowerBranch::isThere($workings)) {
                return [self::finding($index, $use, $workings)];
            }
        }

        return [];
    }

    private static function finding(int $index, PlannedUse $use, Workings $workings): Finding
    {
        $need = $workings->of(UseWorkings::class)->need($use->supply);
        $stayL = $workings->of(UseWorkings::class)->demand()->uses[$index]->stayL;

        return new Finding(
            UseFinding::ShowerMissing,
            [$use->id],
            new Measure(0.0, 1.0, ''),
            new SnagText('use.shower-missing.title', 'use.shower-missing.why', ['use' => $use->name, 'share' => Amount::share($stayL / $need->stayL)]),
            static fn (): array => [
                ...ShowerBranch::fixes($workings),
                new Fix(new Phrase('use.fix.remove-use', ['use' => $use->name]), PlanPatch::remove('/use/uses/'.$index)),
            ],
        );
    }
}
