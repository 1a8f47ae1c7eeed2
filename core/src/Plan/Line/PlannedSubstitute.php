<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;

/** A fitting of the catalogue that is used instead of the one that would be chosen, wherever it suits: it was bought. */
final readonly class PlannedSubstitute implements PlanPart
{
    use WrittenAsDeclared;

    public function __construct(
        #[Text('what would be chosen, as the catalogue calls it', Id::MAX_LENGTH)]
        public string $item,
        #[Text('what is used instead, as the catalogue calls it', Id::MAX_LENGTH)]
        public string $instead,
    ) {
    }
}
