<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Input\InvalidInput;

/** Tries each proposed fix on the plan: what does not hold is not offered, what makes something else worse says so. */
final readonly class FixTrial
{
    /** What makes something worse by a tenth of its limit is no way out. */
    private const MOST_GROWTH = 0.1;
    /** A change of a measure, as a fraction of its limit, that rounding can hide. */
    private const NOTHING = 1e-4;
    /** The same of what is only worth knowing: nobody acts on less. */
    private const NOT_WORTH_SAYING = 0.05;

    /** @var array<string, Finding> */
    private array $before;
    private Causes $causes;

    /**
     * @param list<Finding> $findings of the plan
     * @param list<Rule> $rules of all stages
     */
    public function __construct(
        private Workings $workings,
        array $findings,
        private array $rules,
    ) {
        $before = [];
        foreach ($findings as $finding) {
            $before[$finding->key()] = $finding;
        }
        $this->before = $before;
        $this->causes = Causes::among($findings);
    }

    /**
     * @return list<SentFix> those that clear the finding and bring nothing dangerous or impossible, the ones without a cost first; where all would
     *                       cost as much as they clear, the one that makes least worse of what is slightly bad already, or none
     */
    public function proven(Finding $finding): array
    {
        $sent = [];
        [$least, $leastGrowth] = [null, self::MOST_GROWTH];
        foreach (($finding->proposals)() as $fix) {
            $fix = new Fix($fix->label, $fix->patch->withTests($this->workings->plan), $fix->isCorrection);
            $tried = $this->tried($fix, $finding);
            if (null === $tried) {
                continue;
            }
            $brought = \count(array_filter($tried->brought, static fn (Finding $one): bool => $one->isGrave()));
            $grave = $brought + \count(array_filter($tried->worsened, static fn (Finding $one): bool => $one->isGrave()));
            // With the cause, all that came of it goes: that is worth more than a trade of one for another.
            $cost = match (true) {
                0 === $grave || $fix->isCorrection => 1,
                $tried->cleared > $grave => 2,
                // Nobody clears one trouble with more new ones.
                $brought <= max(1, $tried->cleared) => 3,
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
            $after = $this->workings->with($fix->patch->applyTo($this->workings->plan));
        } catch (InvalidInput) {
            return null;
        }
        $brought = $worsened = [];
        $growth = 0.0;
        $left = $this->before;
        foreach ($this->rules as $rule) {
            foreach ($rule->check($after) as $one) {
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
        }

        $cleared = array_filter($left, fn (Finding $one): bool => $one->isGrave() && $finding?->key() === ($this->causes->of($one) ?? $one->key()));

        return new TriedFix($brought, $worsened, $growth, \count($cleared));
    }
}
