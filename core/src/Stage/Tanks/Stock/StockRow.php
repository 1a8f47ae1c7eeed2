<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Stock;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\PlanPatch;

/** A tank that can be had, or a pair, in a place, with what the plan comes to with it. Numbers are for sorting and drawing, texts for reading. */
final readonly class StockRow implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $id,
        public string $name,
        public string $size,
        /** Where it fits, or what is missing. */
        public string $where,
        public bool $turned,
        public float $usableL,
        public string $usable,
        /** Null when nothing is used by the day. */
        public ?float $days,
        public string $daysText,
        /** Brim full. */
        public float $kg,
        public string $weight,
        /** Least left to any limit from brim full to used up. */
        public float $spareKg,
        public string $spare,
        /** Between the ground and its underside, where it hangs below the floor. */
        public ?float $clearanceMm,
        public string $clearance,
        public float $price,
        /** Puts it into the plan; null where it fits nowhere. */
        public ?PlanPatch $patch,
    ) {
    }

    public function fits(): bool
    {
        return null !== $this->patch;
    }

    /** Whether it gives and leaves as much, and more of one. */
    public function beats(self $other): bool
    {
        return $this->usableL >= $other->usableL && $this->spareKg >= $other->spareKg
            && ($this->usableL > $other->usableL + 1e-6 || $this->spareKg > $other->spareKg + 1e-6);
    }
}
