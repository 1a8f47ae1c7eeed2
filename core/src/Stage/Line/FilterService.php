<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\FilterFigures;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Shared\LineFills;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\SolvedLine;
use YardCask\Core\Stage\Line\Solve\WaterPath;
use YardCask\Core\Stage\Use\Shared\UseWorkings;

/** What goes through a filter: how often, how much a day, and how fast at most. */
final readonly class FilterService
{
    /** Of a mean year. */
    public const DAYS_A_MONTH = 30.4;

    private function __construct(
        public PlannedPart $part,
        public FilterFigures $figures,
        /** A day, on the way to outlets. */
        public float $usedL,
        /** A day, on the way into tanks. */
        public float $filledL,
        /** The greatest flow through it in any use or filling, in L/min. */
        public float $mostLpm,
        /** The tank whose water is filtered before it is stored; null without one. */
        public ?PlannedTank $storedIn,
    ) {
    }

    /** Null for a part that is no filter. */
    public static function of(PlannedPart $filter, Workings $workings): ?self
    {
        if (!$filter->figures instanceof FilterFigures) {
            return null;
        }
        $line = $workings->of(LineWorkings::class);
        [$used, $usedLpm] = self::onTheWayOut($filter, $line);
        [$stored, $filledLpm] = self::onTheWayIn($filter, $line, $workings);
        $use = $workings->of(UseWorkings::class);
        $filledL = 0.0;
        foreach (array_unique(array_map(static fn (PlannedTank $tank): string => $tank->holds->value, $stored)) as $holds) {
            $filledL += $use->need(WaterKind::Drinking->value === $holds ? Supply::Drinking : Supply::Main)->dailyL;
        }

        return new self($filter, $filter->figures, self::usedL($used, $workings), $filledL, max($usedLpm, $filledLpm), $stored[0] ?? null);
    }

    public function litresADay(): float
    {
        return $this->usedL + $this->filledL;
    }

    /** How many days of use it lasts, at most its months. */
    public function days(): float
    {
        $months = $this->figures->lifeMonths * self::DAYS_A_MONTH;

        return $this->litresADay() > 0 ? min($months, $this->figures->lifeL / $this->litresADay()) : $months;
    }

    /** When water goes through it: `both`, `used`, `filled` or `none`. */
    public function passes(): string
    {
        return match (true) {
            $this->usedL > 0 && null !== $this->storedIn => 'both',
            null !== $this->storedIn => 'filled',
            $this->usedL > 0 => 'used',
            default => 'none',
        };
    }

    /** @return array{array<string, WaterKind>, float} what the outlets behind it draw, by their ids, and the greatest flow */
    private static function onTheWayOut(PlannedPart $filter, LineWorkings $line): array
    {
        $drawn = [];
        $mostLpm = [] === $line->together() ? 0.0 : self::through($filter, $line->solve(new LineCase($line->together())));
        foreach ($line->graph->outlets as $outlet) {
            $solved = $line->alone($outlet);
            $path = WaterPath::to($outlet, $solved, $line->graph);
            if (\in_array($filter, $path->parts(), true)) {
                $tank = $path->beginsAt()?->owner;
                $drawn[$outlet->id] = $tank instanceof PlannedTank ? $tank->holds : WaterKind::Fresh;
                $mostLpm = max($mostLpm, self::through($filter, $solved));
            }
        }

        return [$drawn, $mostLpm];
    }

    /** @return array{list<PlannedTank>, float} the tanks behind it that the line fills, and the greatest flow */
    private static function onTheWayIn(PlannedPart $filter, LineWorkings $line, Workings $workings): array
    {
        $stored = [];
        $mostLpm = 0.0;
        foreach ($workings->plan->tanks as $tank) {
            foreach ($workings->of(LineFills::class)->of($tank) as $fill) {
                $inlet = new LineEnd($tank, PartPort::Inlet);
                $solved = $line->solve(new LineCase([$inlet->key], mode: $fill->mode));
                if (\in_array($filter, WaterPath::into($inlet, $solved, $line->graph)->parts(), true)) {
                    $stored[$tank->id] = $tank;
                    $mostLpm = max($mostLpm, self::through($filter, $solved));
                }
            }
        }

        return [array_values($stored), $mostLpm];
    }

    /**
     * What a day's uses draw through it. Uses that name no outlet are counted where any outlet behind it draws their water.
     *
     * @param array<string, WaterKind> $drawn by the outlet's id
     */
    private static function usedL(array $drawn, Workings $workings): float
    {
        $litres = 0.0;
        $demands = $workings->of(UseWorkings::class)->demand()->uses;
        foreach ($workings->plan->use->uses as $index => $use) {
            $holds = null === $use->outlet ? null : $drawn[$use->outlet] ?? null;
            $isNamed = null !== $use->outlet && null !== $workings->plan->line->part($use->outlet);
            if ($isNamed ? null !== $holds : \in_array($use->supply->tanks(), $drawn, true)) {
                $litres += $demands[$index]->dailyL;
            }
        }

        return $litres;
    }

    private static function through(PlannedPart $filter, SolvedLine $solved): float
    {
        return abs($solved->line->linksLpm['part:'.$filter->id] ?? 0.0);
    }
}
