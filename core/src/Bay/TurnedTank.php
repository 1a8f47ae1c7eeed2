<?php

declare(strict_types=1);

namespace YardCask\Core\Bay;

/** A tank after a turn, with its low corner at the origin. */
final readonly class TurnedTank
{
    /**
     * @param list<Box> $boxes
     * @param list<Box> $fittings
     * @param non-empty-list<Box> $solid all that must lie in free space: the body with its room, and the fittings
     */
    public function __construct(
        public Box $outline,
        public Clearance $room,
        public array $boxes,
        public array $fittings,
        public array $solid,
    ) {
    }

    /** Told apart from others only by what the bay sees of it. */
    public function key(): string
    {
        return serialize($this->solid);
    }
}
