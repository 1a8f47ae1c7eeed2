<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/** What joins two nodes of a line. Flow is positive from its beginning to its end, in L/min. */
interface LineLink
{
    public function ends(): LinkEnds;

    /**
     * What it takes to push a flow through it, from its beginning to its end without what it rises, and how fast that grows.
     *
     * @param float $lpm not negative where it lets nothing back
     *
     * @return array{float, float} kPa, which rises with the flow (negative where it pushes by itself), and kPa per L/min, not negative
     */
    public function loss(float $lpm): array;

    /** @return list<mixed> all that decides what it takes: those of two links that do the same are the same */
    public function figures(): array;

    /** Whether it lets nothing back. */
    public function isForwardOnly(): bool;

    /** Whether it lets nothing through at all. */
    public function isShut(): bool;

    /**
     * The pressure that stands behind it when nothing flows.
     *
     * @param float $kpa before it, without the height of its ends
     * @param float $endKpa what a pressure of nothing at its end is, by its height
     */
    public function standing(float $kpa, float $endKpa): float;
}
