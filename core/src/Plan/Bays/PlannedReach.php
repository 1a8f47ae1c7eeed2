<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Bays;

use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Plan\Tanks\Face;

/** The sides, besides the opening, from which a hand can reach what is mounted in a bay. */
final readonly class PlannedReach
{
    public function __construct(
        #[YesNo('Reached from the front')]
        public bool $front,
        #[YesNo('Reached from the rear')]
        public bool $rear,
        #[YesNo('Reached from the left')]
        public bool $left,
        #[YesNo('Reached from the right')]
        public bool $right,
        #[YesNo('Reached from above')]
        public bool $top,
        #[YesNo('Reached from below')]
        public bool $bottom,
    ) {
    }

    public function from(Face $face): bool
    {
        return match ($face) {
            Face::Front => $this->front,
            Face::Rear => $this->rear,
            Face::Left => $this->left,
            Face::Right => $this->right,
            Face::Top => $this->top,
            Face::Bottom => $this->bottom,
        };
    }
}
