<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drilling;

/** A hole on a template: its middle from the template's upper left corner, in mm. */
final readonly class TemplateHole
{
    public function __construct(
        public string $name,
        public float $xMm,
        public float $yMm,
        public float $acrossMm,
        /** Of the plate that covers it on the inside; null where there is none. */
        public ?float $plateMm = null,
    ) {
    }
}
