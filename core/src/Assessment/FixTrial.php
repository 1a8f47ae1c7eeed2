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

    /** @return list<Fix> those that clear the finding and bring nothing dangerous or impossible, the ones without a cost first; none when all would trade it for something as bad */
    public function proven(Finding $finding): array
    {
        $tried = [];
        foreach (($finding->proposals)() as $fix) {
            $patch = $fix->patch->withTests($this->workings->plan);
            $worse = $this->worsened(new Fix($fix->label, $patch), $finding);
            if (null !== $worse) {
                $grave = [] !== array_filter($worse, static fn (Finding $one): bool => Severity::Watch !== $one->code->severity() && !$one->code->isDoubt());
                $cost = [] === $worse ? null : 'But then: '.implode('; ', array_map(static fn (Finding $one): string => self::inASentence($one->title), $worse)).'.';
                $tried[[] === $worse ? 0 : ($grave ? 2 : 1)][] = new Fix($fix->label, $patch, $cost);
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
                } elseif (Severity::Watch !== $one->code->severity() && $one->measure->excess() > $was->measure->excess() + self::NOTHING * max(1.0, abs($one->measure->limit))) {
                    $worse[] = $one;
                }
            }
        }

        return $worse;
    }

    /** A title without its capital, unless that begins a name or a number. */
    private static function inASentence(string $title): string
    {
        return 1 === preg_match('/^(?:The|Only|No|Not|Nothing|Drinking|Larger|Hardly|She|Left|Right|Port|Starboard|Do|A|An|Weighed|Refilled|More|Empty|Braking|Pulling|Downhill|Uphill|Leaning|Heeled|Bow|Together|Mains|Water|Filling|Blown|Pipe|One|Two|Three|Four|Five|Six|Seven|Eight|Nine) /', $title) ? lcfirst($title) : $title;
    }
}
