<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Use;

use YardCask\Core\Demand\DemandInput;
use YardCask\Core\Demand\DemandUse;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Plan\Field\Checked;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** Who travels, how, how long between two fills, and what water is for. */
final readonly class UsePlan implements PlanPart, Checked
{
    use WrittenAsDeclared;

    public const MOST_USES = 60;

    /** @param list<PlannedUse> $uses */
    public function __construct(
        #[Measured('the number of people', 'People', Kind::Count, Unit::One, 1, 60)]
        public float $crew,
        #[Measured('the days between two fills', 'Between fills', Kind::Days, Unit::Day, 0.25, 120)]
        public float $days,
        #[Choice('Nights')]
        public StayStyle $stay,
        #[Measured('the reserve', 'Reserve', Kind::Share, Unit::Fraction, 0, 1)]
        public float $reserve,
        #[Parts(PlannedUse::class, self::MOST_USES)]
        public array $uses,
        /** Null where it is emptied when the water is filled up. */
        #[Measured('the days between two emptyings of the waste', 'Waste emptied every', Kind::Days, Unit::Day, 0.25, 120)]
        public ?float $wasteDays = null,
    ) {
    }

    public function check(InputReader $in): void
    {
        self::checkWhole($this->crew, $in);
    }

    /** People are counted whole. */
    public static function checkWhole(float $crew, InputReader $in): void
    {
        if (floor($crew) !== $crew) {
            $in->fail('crew', \sprintf('People are counted whole: %d or %d, not %s.', floor($crew), ceil($crew), $crew));
        }
    }

    /**
     * The demand calculator's input, for this plan's days or for others.
     *
     * @param array<string, float> $lpm flows of outlets by id, in L/min
     */
    public function demandInput(array $lpm, ?float $days = null): DemandInput
    {
        return new DemandInput(
            $this->crew,
            $days ?? $this->days,
            $this->reserve,
            array_map(static fn (PlannedUse $use): DemandUse => $use->demandUse($lpm), $this->uses),
        );
    }
}
