<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/**
 * Repeats what a stage’s rules with sections of their own found in an earlier plan in which those sections were the same.
 *
 * @phpstan-import-type FindingValues from KeptFindings
 */
final class KeptRules
{
    /** @return list<Rule> all rules of the stage, in their order */
    public static function of(Stage $stage, Workings $workings): array
    {
        $rules = $stage->rules();
        $groups = [];
        foreach ($rules as $number => $rule) {
            if ($rule instanceof RuleOfSections) {
                $groups[implode(' ', $rule::sections())][$number] = $rule;
            }
        }
        foreach ($groups as $sections => $group) {
            $rules = array_replace($rules, self::found($group, explode(' ', $sections), $stage, $workings));
        }

        return [...array_values($rules), ...$stage->recordRules()];
    }

    /**
     * @param array<int, Rule> $rules by their number in the stage
     * @param list<string> $sections on which they depend
     *
     * @return array<int, KeptFindings>
     */
    private static function found(array $rules, array $sections, Stage $stage, Workings $workings): array
    {
        $name = self::class.' '.$stage->name().' '.implode(' ', $sections);
        $all = ['units', ...$sections];
        /** @var array<int, list<FindingValues>>|null $kept */
        $kept = $workings->recalled($name, $all);
        if (null !== $kept) {
            return array_map(static fn (array $values): KeptFindings => KeptFindings::ofValues($values, $stage->findingCodes()), $kept);
        }
        $found = array_map(static fn (Rule $rule): array => $rule->check($workings), $rules);
        $workings->keep($name, $all, static fn (): array => array_map(
            static fn (array $findings): array => KeptFindings::values($findings, $workings->wording),
            $found,
        ));

        return array_map(static fn (array $findings): KeptFindings => new KeptFindings($findings), $found);
    }
}
