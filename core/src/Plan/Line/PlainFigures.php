<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\WrittenAsDeclared;

/** A part that loses nothing of its own: a tee, a cap, a free end. */
#[Tag('family', PartFamily::Plain)]
final readonly class PlainFigures implements PartFigures
{
    use WrittenAsDeclared;
}
