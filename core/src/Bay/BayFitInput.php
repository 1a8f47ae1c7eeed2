<?php

declare(strict_types=1);

namespace YardCask\Core\Bay;

use YardCask\Core\Input\InputReader;

/** A bay with what stands in it, and a tank that is to go in. */
final readonly class BayFitInput
{
    /**
     * @param array{float, float, float} $bayMm length, width, height
     * @param list<Box> $obstructions
     */
    public function __construct(
        public array $bayMm,
        public array $obstructions,
        public TankBody $tank,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $bay = $in->object('bay');
        $size = Box::readSize($bay);
        $bay->finish();
        $input = new self($size, array_map(Box::read(...), $in->objects('obstructions', 50, true)), TankBody::read($in->object('tank')));
        $in->finish();

        return $input;
    }
}
