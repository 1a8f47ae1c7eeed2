<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Demand\DemandUse;
use YardCask\Core\Demand\Each;
use YardCask\Core\Demand\Per;
use YardCask\Core\Input\InputReader;

/** One use of water: litres at a time, or a flow that runs for minutes. */
final readonly class PlannedUse implements \JsonSerializable
{
    public function __construct(
        public string $id,
        public string $name,
        /** The catalogue's word for this sort of use, by which presets find it; null for one of the crew's own. */
        public ?string $habit,
        public ?float $litres,
        public ?float $flowLpm,
        public ?float $minutes,
        public Each $each,
        public float $times,
        public Per $per,
        public Supply $supply,
        public float $spread,
    ) {
    }

    public static function read(InputReader $in, PlanIds $ids): self
    {
        $flows = $in->has('flow_lpm') || $in->has('minutes');
        if ($flows && $in->has('litres')) {
            $in->fail('litres', 'Give litres, or flow_lpm with minutes, not both.');
        }
        $use = new self(
            $ids->read($in),
            $in->text('name', 60),
            $in->has('habit') ? $in->text('habit', 32) : null,
            $flows ? PlanFields::optionalNumber($in, 'litres') : PlanFields::number($in, 'litres'),
            $flows ? PlanFields::number($in, 'flow_lpm') : null,
            $flows ? PlanFields::number($in, 'minutes') : null,
            $in->choice('each', Each::cases()),
            PlanFields::number($in, 'times'),
            $in->choice('per', Per::cases()),
            $in->choice('supply', Supply::cases()),
            PlanFields::number($in, 'spread'),
        );
        $in->finish();

        return $use;
    }

    public function demandUse(): DemandUse
    {
        return new DemandUse(
            $this->name,
            $this->litres ?? ($this->flowLpm ?? 0.0) * ($this->minutes ?? 0.0),
            $this->each,
            $this->times,
            $this->per,
            $this->supply->value,
            $this->spread,
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return array_filter([
            'id' => $this->id, 'name' => $this->name, 'habit' => $this->habit,
            'litres' => $this->litres, 'flow_lpm' => $this->flowLpm, 'minutes' => $this->minutes,
            'each' => $this->each, 'times' => $this->times, 'per' => $this->per, 'supply' => $this->supply, 'spread' => $this->spread,
        ], static fn (mixed $value): bool => null !== $value);
    }
}
