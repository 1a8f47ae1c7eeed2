<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Assessment\KeyedWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Tanks\Shared\Breathing;

/** What the outlets give from which the uses are drawn, each open by itself, with a rested battery, new filters and a full tank. */
final readonly class OutletFlows implements KeyedWorkings
{
    /** An outlet that gives less is not counted as running, and the flow typed for the use stands. */
    public const LEAST_LPM = 0.05;

    /** @param array<string, float> $lpm by the outlet's id, in L/min; none for an outlet that gives nothing or is not there */
    private function __construct(public array $lpm)
    {
    }

    /** The figure of an outlet's flow. */
    public static function figureId(string $outlet): string
    {
        return 'line.'.$outlet.'.flow';
    }

    /** The figure that is the flow of a use; null where the flow typed for it counts. */
    public function figureOf(PlannedUse $use): ?string
    {
        $outlet = $use->flowFrom();

        return isset($this->lpm[$outlet ?? '']) ? self::figureId((string) $outlet) : null;
    }

    public static function over(Workings $workings): static
    {
        $named = array_column(array_filter($workings->plan->use->uses, static fn (PlannedUse $use): bool => null === $use->litres), 'outlet');
        if ([] === array_filter($named, is_string(...))) {
            return new self([]);
        }
        $line = $workings->of(LineWorkings::class);
        $lpm = [];
        foreach ($line->graph->outlets as $outlet) {
            if (\in_array($outlet->id, $named, true)) {
                $lpm[$outlet->id] = $line->alone($outlet)->outlets[$outlet->id]->lpm;
            }
        }

        return new self(array_filter($lpm, static fn (float $one): bool => $one >= self::LEAST_LPM));
    }

    public static function sections(): array
    {
        return ['use', 'line', 'tank_ends', Breathing::class];
    }

    public function key(): string
    {
        return serialize($this->lpm);
    }
}
