<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Line\JoiningMethod;

/** A tool without which joints of a kind cannot be made. */
#[Tag('family', FittingFamily::Tool)]
final readonly class ToolFigures implements FittingFigures
{
    public function __construct(
        #[Choice('For')]
        public JoiningMethod $for,
    ) {
    }
}
