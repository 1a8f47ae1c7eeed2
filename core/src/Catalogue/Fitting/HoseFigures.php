<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A hose or a tube by the metre, for what is not under pressure. */
#[Tag('family', FittingFamily::Hose)]
final readonly class HoseFigures implements FittingFigures
{
    public function __construct(
        /** As PortEnd reads it. */
        #[Text('what both its ends are: “hose 38 stiff”', PortEnd::LONGEST)]
        public string $end,
        #[Measured('its bore', 'Bore', Kind::Length, Unit::Millimetre, 2, 120)]
        public float $boreMm,
        #[YesNo('Made for drinking water')]
        public bool $foodGrade,
    ) {
    }
}
