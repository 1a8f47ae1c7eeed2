<?php

declare(strict_types=1);

namespace YardCask\Core\Bay;

/** A tank in its place in a bay. */
final readonly class Placement implements \JsonSerializable
{
    /**
     * @param Box $body the sizes as placed
     * @param list<Box> $boxes
     * @param list<Box> $fittings
     */
    public function __construct(
        public Box $body,
        public Clearance $room,
        public array $boxes,
        public array $fittings,
    ) {
    }

    /** @param array{float, float, float} $at its low corner */
    public static function of(TurnedTank $tank, array $at): self
    {
        $move = static fn (Box $box): Box => $box->moved($at);

        return new self($move($tank->outline), $tank->room, array_map($move, $tank->boxes), array_map($move, $tank->fittings));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->body->jsonSerialize() + $this->room->jsonSerialize()
            + ([] === $this->boxes ? [] : ['boxes' => $this->boxes])
            + ([] === $this->fittings ? [] : ['fittings' => $this->fittings]);
    }
}
