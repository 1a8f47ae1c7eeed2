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
    }

    /**
     * @return list<SentFix> those that clear the finding and bring nothing dangerous or impossible, the ones without a cost first; none when all
     *                       would trade it for something as bad
     */
    public function proven(Finding $finding): array
    {
        $tried = [];
        foreach (($finding->proposals)() as $fix) {
            $fix = new Fix($fix->label, $fix->patch->withTests($this->workings->plan));
            $worse = $this->worsened($fix, $finding);
            if (null !== $worse) {
                $grave = array_filter($worse, static fn (Finding $one): bool => Severity::Watch !== $one->code->severity() && !$one->code->isDoubt());
                $tried[[] === $worse ? 0 : ([] === $grave ? 1 : 2)][] = SentFix::proven($fix, $worse, $this->workings->wording);
            }
        }
        $free = [...($tried[0] ?? []), ...($tried[1] ?? [])];

        return [] === $free ? [] : [...$free, ...($tried[2] ?? [])];
    }

    /** @return list<Finding>|null what it brings or makes worse; null when it does not hold */
    private function worsened(Fix $fix, Finding $finding): ?array
    {
        try {
            $after = $this->workings->with($fix->patch->applyTo($this->workings->plan));
        } catch (InvalidInput) {
            return null;
        }
        $worse = [];
        foreach ($this->rules as $rule) {
            foreach ($rule->check($after) as $one) {
                $was = $this->before[$one->key()] ?? null;
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

        return $worse;
    }
}
