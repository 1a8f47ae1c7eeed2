<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Assessment\Rule\BoatTrim;
use YardCask\Core\Assessment\Rule\CanEnough;
use YardCask\Core\Assessment\Rule\DrinkingMissing;
use YardCask\Core\Assessment\Rule\DrinkingShort;
use YardCask\Core\Assessment\Rule\Estimates;
use YardCask\Core\Assessment\Rule\NoseLight;
use YardCask\Core\Assessment\Rule\OverLimit;
use YardCask\Core\Assessment\Rule\ReserveThin;
use YardCask\Core\Assessment\Rule\Rule;
use YardCask\Core\Assessment\Rule\SideDifference;
use YardCask\Core\Assessment\Rule\TankOutside;
use YardCask\Core\Assessment\Rule\TankOversized;
use YardCask\Core\Assessment\Rule\TanksCollide;
use YardCask\Core\Assessment\Rule\UseShort;
use YardCask\Core\Assessment\Rule\WastedHeights;
use YardCask\Core\Input\InvalidInput;

/** All rules, run over a plan, and the fixes that hold. */
final class Rules
{
    private const ALL = [
        UseShort::class, DrinkingMissing::class, DrinkingShort::class, CanEnough::class,
        OverLimit::class, NoseLight::class, BoatTrim::class, Estimates::class, ReserveThin::class, SideDifference::class,
        TankOversized::class, WastedHeights::class, TankOutside::class, TanksCollide::class,
    ];

    /** Those whose findings no fix may bring about: something dangerous, or a tank where none can stand. */
    private const NEVER_INSTEAD = [OverLimit::class, NoseLight::class, BoatTrim::class, TankOutside::class, TanksCollide::class];

    /** @var array<string, class-string<Rule>> the rule that made each finding, by the finding's key */
    private array $madeBy = [];
    /** @var list<Finding> */
    private array $findings = [];

    public function __construct(private readonly Workings $workings)
    {
        foreach (self::ALL as $rule) {
            foreach ((new $rule())->check($workings) as $finding) {
                $this->findings[] = $finding;
                $this->madeBy[$finding->key()] = $rule;
            }
        }
        usort($this->findings, static fn (Finding $a, Finding $b): int => $a->code->severity()->rank() <=> $b->code->severity()->rank());
    }

    /** @return list<Finding> worst first, otherwise in the order of the stages */
    public function findings(): array
    {
        return $this->findings;
    }

    /** @return list<Fix> the proposals of a finding that hold when tried: the plan stays valid, the finding is gone, and nothing dangerous or impossible came instead */
    public function provenFixes(Finding $finding): array
    {
        $rules = array_unique([$this->madeBy[$finding->key()], ...self::NEVER_INSTEAD]);

        return array_values(array_filter(($finding->proposals)(), fn (Fix $fix): bool => $this->holds($fix, $finding, $rules)));
    }

    /** @param array<class-string<Rule>> $rules those that can tell */
    private function holds(Fix $fix, Finding $finding, array $rules): bool
    {
        try {
            $after = $this->workings->with($fix->patch->applyTo($this->workings->plan));
        } catch (InvalidInput) {
            return false;
        }
        foreach ($rules as $rule) {
            foreach ((new $rule())->check($after) as $one) {
                $cameInstead = !isset($this->madeBy[$one->key()]) && Severity::Watch !== $one->code->severity() && \in_array($rule, self::NEVER_INSTEAD, true);
                if ($cameInstead || $one->key() === $finding->key()) {
                    return false;
                }
            }
        }

        return true;
    }
}
