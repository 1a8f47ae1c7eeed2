<?php

declare(strict_types=1);

namespace YardCask\Core\Stage;

use YardCask\Core\Bay\Box;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A box that stands in the rig: its corners of low and of high x, y, z, in m. */
final readonly class SentBox implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public float $fromX,
        public float $fromY,
        public float $fromZ,
        public float $toX,
        public float $toY,
        public float $toZ,
    ) {
    }

    /** @param Box $box in mm */
    public static function of(Box $box): self
    {
        $m = static fn (float $mm): float => round($mm / 1000, 4);

        return new self(...array_map($m, [...$box->low, ...$box->high]));
    }
}
