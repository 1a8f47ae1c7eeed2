<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;

/** An axle of a trailer, which is weighed as a whole and at its nose. */
final readonly class PlannedTrailerAxle implements PlanPart
{
    use WrittenAsDeclared;

    public function __construct(
        #[Id]
        public string $id,
        #[Text('the axle’s name', Text::LONGEST_NAME)]
        public string $name,
        #[Inline]
        public AxleSizes $sizes,
    ) {
    }
}
