<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Line\PartKind;

/** What is carried because a part of its kind usually fails there, or wears out. */
#[Tag('family', FittingFamily::Spare)]
final readonly class SpareFigures implements FittingFigures
{
    public function __construct(
        #[Choice('For')]
        public PartKind $for,
    ) {
    }
}
