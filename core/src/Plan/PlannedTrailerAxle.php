<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Text;

/** An axle of a trailer, which is weighed as a whole and at its nose. */
final readonly class PlannedTrailerAxle implements PlanPart
{
    use WrittenAsDeclared;

    public function __construct(
        #[Id]
        public string $id,
        #[Text('the axle’s name', FreeId::LONGEST_NAME)]
        public string $name,
        #[Inline]
        public AxleSizes $sizes,
    ) {
    }
}
