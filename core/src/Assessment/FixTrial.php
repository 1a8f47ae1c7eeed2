<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Input\InvalidInput;

/** Tries each proposed fix on the plan: what does not hold is not offered, what makes something else worse says so. */
final readonly class FixTrial
{
    /** A change of a measure, as a fraction of its limit, that rounding can hide. */
    private const NOTHING = 1e-4;

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
     * @return list<SentFix> those that clear the finding and bring nothing dangerous or impossible, the ones without a cost first; none when all
     *                       would bring as much that is as bad as they clear
     */
    public function proven(Finding $finding): array
    {
        $tried = [];
        foreach (($finding->proposals)() as $fix) {
            $fix = new Fix($fix->label, $fix->patch->withTests($this->workings->plan), $fix->isCorrection);
            $worse = $this->worsened($fix, $finding);
            if (null !== $worse) {
                $grave = \count(array_filter($worse->worse, self::isGrave(...)));
                // With the cause, all that came of it goes: that is worth more than a trade of one for another.
                $cost = 0 === $grave || $fix->isCorrection ? 1 : ($worse->cleared > $grave ? 2 : 3);
                $tried[[] === $worse->worse ? 0 : $cost][] = SentFix::proven($fix, $worse->worse, $this->workings->wording);
            }
        }
        $good = [...($tried[0] ?? []), ...($tried[1] ?? []), ...($tried[2] ?? [])];

        return [] === $good ? [] : [...$good, ...($tried[3] ?? [])];
    }

    /** @return TriedFix|null null when it does not hold */
    private function worsened(Fix $fix, Finding $finding): ?TriedFix
    {
        try {
            $after = $this->workings->with($fix->patch->applyTo($this->workings->plan));
        } catch (InvalidInput) {
            return null;
        }
        $worse = [];
        $left = $this->before;
        foreach ($this->rules as $rule) {
            foreach ($rule->check($after) as $one) {
                $was = $this->before[$one->key()] ?? null;
                unset($left[$one->key()]);
                if ($one->key() === $finding->key()) {
                    return null;
                }
                if (null === $was) {
                    if (Severity::Stop === $one->code->severity() || $one->code->isImpossible()) {
                        return null;
                    }
                    $worse[] = $one;
                } elseif (
                    Severity::Watch !== $one->code->severity()
                    && $one->measure->excess() > $was->measure->excess() + self::NOTHING * max(1.0, abs($one->measure->limit))
                ) {
                    $worse[] = $one;
                }
            }
        }

        $cleared = array_filter($left, fn (Finding $one): bool => self::isGrave($one) && $finding->key() === ($this->causes->of($one) ?? $one->key()));

        return new TriedFix($worse, \count($cleared));
    }

    private static function isGrave(Finding $finding): bool
    {
        return Severity::Watch !== $finding->code->severity() && !$finding->code->isDoubt();
    }
}
