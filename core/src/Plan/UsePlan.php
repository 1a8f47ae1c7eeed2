<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Demand\DemandInput;
use YardCask\Core\Input\InputReader;

/** Who travels, how, how long between two fills, and what water is for. */
final readonly class UsePlan implements \JsonSerializable
{
    /** @param list<PlannedUse> $uses */
    public function __construct(
        public float $crew,
        public float $days,
        public StayStyle $stay,
        public float $reserve,
        public array $uses,
    ) {
    }

    public static function read(InputReader $in, PlanIds $ids): self
    {
        $use = new self(
            PlanFields::number($in, 'crew'),
            PlanFields::number($in, 'days'),
            $in->choice('stay', StayStyle::cases()),
            PlanFields::number($in, 'reserve'),
            array_map(static fn (InputReader $one): PlannedUse => PlannedUse::read($one, $ids), $in->objects('uses', 60)),
        );
        $in->finish();

        return $use;
    }

    /** The demand calculator's input, for this plan's days or for others. */
    public function demandInput(?float $days = null): DemandInput
    {
        return new DemandInput($this->crew, $days ?? $this->days, $this->reserve, array_map(static fn (PlannedUse $use): \YardCask\Core\Demand\DemandUse => $use->demandUse(), $this->uses));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['crew' => $this->crew, 'days' => $this->days, 'stay' => $this->stay, 'reserve' => $this->reserve, 'uses' => $this->uses];
    }
}
