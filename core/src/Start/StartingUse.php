<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Demand\Each;
use YardCask\Core\Demand\Per;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Plan\Use\Supply;

/** A sort of use from the catalogue, with the amounts of each level of habit. */
final readonly class StartingUse
{
    public const SHOWER = 'shower';
    private const TOILET = 'toilet';

    /** @param array<string, array{litres: ?float, flowLpm: ?float, minutes: ?float, times: float}> $levels */
    private function __construct(
        public string $habit,
        public string $name,
        public Each $each,
        public Per $per,
        public Supply $supply,
        /** Where it drains to: `outside`, `nothing`, or `toilet` for a toilet tank where the plan has one. */
        public string $drainsTo,
        public float $spread,
        /** Whether a new plan begins with it. */
        public bool $usual,
        private array $levels,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $levels = [];
        $all = $in->object('levels');
        foreach (HabitLevel::cases() as $level) {
            $one = $all->object($level->value);
            $levels[$level->value] = [
                'litres' => $one->optionalNumber('litres', Range::between(0, 500)),
                'flowLpm' => $one->optionalNumber('flow_lpm', Range::between(0, 40)),
                'minutes' => $one->optionalNumber('minutes', Range::between(0, 120)),
                'times' => $one->number('times', Range::between(0, 100)),
            ];
            $one->finish();
        }
        $all->finish();
        $preset = new self(
            habit: $in->text('habit', 32),
            name: $in->text('name', 60),
            each: $in->choice('each', Each::cases()),
            per: $in->choice('per', Per::cases()),
            supply: $in->choice('supply', Supply::cases()),
            drainsTo: $in->text('drains_to', 32),
            spread: $in->number('spread', Range::between(0, 1)),
            usual: $in->boolean('usual', false),
            levels: $levels,
        );
        $in->finish();

        return $preset;
    }

    public function use(HabitLevel $level): PlannedUse
    {
        $amounts = $this->levels[$level->value];

        return new PlannedUse(
            id: $this->habit,
            name: $this->name,
            habit: $this->habit,
            litres: $amounts['litres'],
            flowLpm: $amounts['flowLpm'],
            minutes: $amounts['minutes'],
            each: $this->each,
            times: $amounts['times'],
            per: $this->per,
            supply: $this->supply,
            spread: $this->spread,
            // A new plan has no toilet tank: what a loose toilet holds is carried away.
            drainsTo: self::TOILET === $this->drainsTo ? PlannedUse::NOTHING : $this->drainsTo,
        );
    }
}
