<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\PlanDocument;
use YardCask\Core\Search\Unwatched;
use YardCask\Core\Search\Watch;

/** Tries each proposed fix on the plan: what does not hold is not offered, what makes something else worse says so. */
final class FixTrial
{
    /** What makes something worse by a tenth of its limit is no way out. */
    private const MOST_GROWTH = 0.1;
    /** A change of a measure, as a fraction of its limit, that rounding can hide. */
    private const NOTHING = 1e-4;
    /** The same of what is only worth knowing: nobody acts on less. */
    private const NOT_WORTH_SAYING = 0.05;
    /** The stage whose findings are about what joins what. */
    private const JOINING = 'parts';

    /** @var array<string, Finding> */
    private readonly array $before;
    private readonly Causes $causes;
    private readonly PlanDocument $document;
    /** @var array<string, TriedFix> what has been tried, by the patch: one change often clears several findings */
    private array $tried = [];
    /** @var array<string, list<Rule>> by the stage's name */
    private readonly array $rules;
    /** @var array<string, array<int, list<Finding>>> findings of rules that a change does not affect, by the stage's name and the rule's number there */
    private array $untouched = [];

    /**
     * @param list<Finding> $findings of the plan
     * @param list<Stage> $stages all of them
     * @param Watch $watch that may have it try no more
     */
    public function __construct(
        private readonly Workings $workings,
        array $findings,
        private readonly array $stages,
        private readonly Watch $watch = new Unwatched(),
    ) {
        $before = [];
        foreach ($findings as $finding) {
            $before[$finding->key()] = $finding;
        }
        $this->before = $before;
        $this->rules = array_combine(
            array_map(static fn (Stage $one): string => $one->name(), $stages),
            array_map(static fn (Stage $one): array => $one->rules(), $stages),
        );
        $this->causes = Causes::among($findings);
        $this->document = new PlanDocument($workings->plan);
    }

    /**
     * @return list<SentFix> those that clear the finding and bring nothing dangerous or impossible, the ones without a cost first; where all would
     *                       cost as much as they clear, the one that makes least worse of what is slightly bad already, or none
     */
    public function proven(Finding $finding): array
    {
        $sent = [];
        [$least, $leastGrowth] = [null, self::MOST_GROWTH];
        foreach ($this->watch->isOver() ? [] : ($finding->proposals)() as $fix) {
            if ($this->watch->isOver()) {
                break;
            }
            $fix = new Fix($fix->label, $fix->patch->withTests($this->document), $fix->isCorrection);
            $key = Json::encode($fix->patch);
            $tried = $this->tried[$key] ?? $this->tried($fix, $finding);
            if (null === $tried) {
                continue;
            }
            $this->tried[$key] = $tried;
            if (!isset($tried->gone[$finding->key()])) {
                continue;
            }
            $brought = \count(array_filter($tried->brought, static fn (Finding $one): bool => $one->isGrave()));
            $grave = $brought + \count(array_filter($tried->worsened, static fn (Finding $one): bool => $one->isGrave()));
            $cleared = $this->cleared($tried, $finding);
            // With the cause, all that came of it goes: that is worth more than a trade of one for another.
            $cost = match (true) {
                0 === $grave || $fix->isCorrection => 1,
                $cleared > $grave => 2,
                // Nobody clears one trouble with more new ones.
                $brought <= max(1, $cleared) => 3,
                default => 4,
            };
            $one = SentFix::proven($fix, $tried, $this->workings->wording);
            $sent[[] === $tried->brought && [] === $tried->worsened ? 0 : $cost][] = $one;
            if (3 === $cost && 0 === $brought && $tried->growth < $leastGrowth) {
                [$least, $leastGrowth] = [$one, $tried->growth];
            }
        }
        $good = [...($sent[0] ?? []), ...($sent[1] ?? []), ...($sent[2] ?? [])];

        return match (true) {
            [] !== $good => [...$good, ...($sent[3] ?? [])],
            null !== $least => [$least],
            default => [],
        };
    }

    /**
     * What a change does to the plan, whether or not it is to clear anything.
     *
     * @return TriedFix|null null where the plan does not take it, or where it brings something dangerous or impossible
     */
    public function effect(Fix $fix): ?TriedFix
    {
        return $this->tried($fix, null);
    }

    /** @return TriedFix|null null when it does not hold */
    private function tried(Fix $fix, ?Finding $finding): ?TriedFix
    {
        try {
            $after = $this->workings->with($fix->patch->applyTo($this->document));
        } catch (InvalidInput) {
            return null;
        }
        try {
            return $this->compared($after, $finding);
        } finally {
            $after->forget();
        }
    }

    /** @return TriedFix|null null where it does not hold */
    private function compared(Workings $after, ?Finding $finding): ?TriedFix
    {
        $brought = $worsened = [];
        $growth = 0.0;
        $left = $this->before;
        foreach ($this->found($after, $finding) as $one) {
            $was = $this->before[$one->key()] ?? null;
            unset($left[$one->key()]);
            if ($one->key() === $finding?->key()) {
                return null;
            }
            if (null === $was) {
                if (Severity::Stop === $one->code->severity() || $one->code->isImpossible()) {
                    return null;
                }
                $brought[] = $one;
            } else {
                $isWatch = Severity::Watch === $one->code->severity();
                $grown = $one->measure->grownFrom($was->measure);
                if ($grown > ($isWatch ? self::NOT_WORTH_SAYING : self::NOTHING)) {
                    $worsened[] = $one;
                    $growth += $isWatch ? 0.0 : $grown;
                }
            }
        }

        return new TriedFix($brought, $worsened, $growth, $left);
    }

    /** @return iterable<Finding> what the rules find after a change that is to clear a finding, one rule after the other */
    private function found(Workings $after, ?Finding $finding): iterable
    {
        foreach ($this->stages as $stage) {
            $isTouched = !$after->isAsBefore($stage->sections());
            foreach ($this->rules[$stage->name()] as $number => $rule) {
                $isAsked = match (true) {
                    !$isTouched || ($rule instanceof RuleOfJoining && self::JOINING !== $finding?->stage()) => false,
                    default => !$rule instanceof RuleOfSections || !$after->isAsBefore($rule::sections()),
                };
                yield from $isAsked ? $rule->check($after) : $this->untouched[$stage->name()][$number] ??= $rule->check($this->workings);
            }
            foreach ($stage->recordRules() as $rule) {
                yield from $rule->check($after);
            }
        }
    }

    /** How many findings go that are more than worth knowing: the one that a fix is for, and what came of it. */
    private function cleared(TriedFix $tried, Finding $finding): int
    {
        $isOfIt = fn (Finding $one): bool => $one->isGrave() && $finding->key() === ($this->causes->of($one) ?? $one->key());

        return \count(array_filter($tried->gone, $isOfIt));
    }
}
