<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Stage\Line\Mode\LineMode;

/** Under which conditions a line is solved. */
final readonly class LineCase
{
    /** A battery that is low, at rest, and charging. */
    public const LOW_V = 11.8;
    public const REST_V = 12.8;
    public const CHARGING_V = 14.2;
    /** At which curves are given. */
    public const RATED_V = 12.0;
    public const NEARLY_EMPTY = 0.1;

    /** No two different cases have the same. */
    public string $key;
    /** The same, whichever outlets run. */
    public string $conditions;

    /** @param list<string> $open the outlets that run, by their ids; while a tank is filled, its inlet by the name of its port */
    public function __construct(
        public array $open,
        /** Of a battery of 12 V; one of 24 V has twice as much. */
        public float $volts = self::REST_V,
        /** Whether filters are at the end of their lives. */
        public bool $worn = false,
        /** Of the tanks, from 0 to 1 of what can be drawn. */
        public float $fill = 1.0,
        /** Of the whole line, forward, in m per m along the rig. */
        public float $slope = 0.0,
        /** How much higher all tanks stand than they do. */
        public float $raiseM = 0.0,
        public LineMode $mode = LineMode::Use,
    ) {
        $this->conditions = implode(' ', [$volts, (int) $worn, $fill, $slope, $raiseM, $mode->value]);
        $this->key = implode(' ', [...$open, $this->conditions]);
    }

    /** @param list<string> $open */
    public static function worst(array $open): self
    {
        return new self($open, self::LOW_V, true, self::NEARLY_EMPTY);
    }

    /** @param list<string> $open */
    public static function strongest(array $open): self
    {
        return new self($open, self::CHARGING_V);
    }
}
