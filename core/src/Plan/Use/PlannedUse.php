<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Use;

use YardCask\Core\Demand\DemandUse;
use YardCask\Core\Demand\Each;
use YardCask\Core\Demand\Per;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\EitherOr;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** One use of water: litres at a time, or a flow that runs for minutes. */
#[EitherOr(['litres'], ['flow_lpm', 'minutes'])]
final readonly class PlannedUse implements PlanPart
{
    use WrittenAsDeclared;

    /** Where a use drains to when no tank takes it: out of the rig. */
    public const OUTSIDE = 'outside';
    /** Drunk, boiled off, or carried away. */
    public const NOTHING = 'nothing';

    public function __construct(
        #[Id]
        public string $id,
        #[Text('what the water is for', Text::LONGEST_NAME)]
        public string $name,
        /** The catalogue's key for this kind of use, so that presets find it; null for a use of one's own. */
        #[Text('the catalogue’s word for this sort of use', 32)]
        public ?string $habit,
        #[Measured('the water for one time', 'Litres at a time', Kind::Volume, Unit::Litre, 0, 500)]
        public ?float $litres,
        #[Measured('the flow while it runs', 'Flow', Kind::Flow, Unit::LitrePerMinute, 0, 40)]
        public ?float $flowLpm,
        #[Measured('the time for which it runs', 'Runs for', Kind::Duration, Unit::Minute, 0, 120)]
        public ?float $minutes,
        #[Choice('For each')]
        public Each $each,
        #[Measured('the number of times', 'Times', Kind::Times, Unit::One, 0, 100)]
        public float $times,
        #[Choice('Counted')]
        public Per $per,
        #[Choice('Drawn from')]
        public Supply $supply,
        #[Measured('the likely spread', 'Likely spread', Kind::Share, Unit::Fraction, 0, 1)]
        public float $spread,
        /** The id of a tank for waste or toilet, `outside`, or `nothing`. */
        #[Text('where it drains to: the id of a tank, “outside” or “nothing”', Id::MAX_LENGTH)]
        public string $drainsTo,
        /** The id of an outlet of the line; a use that runs then has the outlet's flow, unless it has its own. */
        #[Text('the id of the outlet that it is drawn from', Id::MAX_LENGTH)]
        public ?string $outlet = null,
        /** Whether it runs at the flow typed here although it names its outlet. */
        #[YesNo('Its own flow')]
        public ?bool $ownFlow = null,
    ) {
    }

    /** The outlet whose flow it has; null where it is counted in litres or runs at the flow typed here. */
    public function flowFrom(): ?string
    {
        return null === $this->litres && true !== $this->ownFlow ? $this->outlet : null;
    }

    /** @param array<string, float> $lpm flows of outlets by id, in L/min */
    public function demandUse(array $lpm = []): DemandUse
    {
        $flowLpm = $lpm[$this->flowFrom() ?? ''] ?? $this->flowLpm ?? 0.0;

        return new DemandUse(
            name: $this->name,
            litres: $this->litres ?? $flowLpm * ($this->minutes ?? 0.0),
            each: $this->each,
            times: $this->times,
            per: $this->per,
            supply: $this->supply->value,
            spread: $this->spread,
        );
    }
}
