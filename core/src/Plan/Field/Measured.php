<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

use YardCask\Core\Input\Range;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/**
 * A field that holds a number with a unit. A property that may be null may be missing from the file.
 *
 * In the words, `{part}` stands for what the object around it is called, `{rated_at}` for the pressure at which outlets are rated, and the
 * other words in braces are those of RigWord.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Measured implements Field
{
    public Range $range;

    public function __construct(
        /** As it reads in a sentence: “a tank's length”. */
        public string $what,
        /** Beside the field: “Length, along”. */
        public string $label,
        public Kind $kind,
        /** In which the value is stored. */
        public Unit $unit,
        float $min,
        float $max,
        /** The heading under which it is shown, where its part has several. */
        public string $group = '',
        /** A key beside this one: a weight far from the one that stands there is asked about. */
        public string $near = '',
        /** The stage on which it is edited, where that is not the section of the plan that holds it. */
        public string $stage = '',
    ) {
        $this->range = Range::between($min, $max);
    }
}
