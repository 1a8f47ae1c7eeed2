<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

/** How an amount is written, where its kind of unit alone does not say. */
enum AmountStyle
{
    case Usual;
    /** Rounded down: for what must not be exceeded. */
    case AtMost;
    /** As exact as it was typed. */
    case Exact;
    /** Less than a bottle: “189 mL”, or “6.4 US fl oz” where volumes are in gallons. */
    case Little;
    /** A weight times its lever: “34 kg·m”, or “lb·ft” where weights are in pounds. */
    case Moment;
    /** “4.7 m”, for hoses and ways rather than sizes on a tape. */
    case Distance;
    /** “12°”. */
    case Degrees;
    /** A share with one decimal, rounded down: 3.97 % must not read as 4 %. */
    case FineShare;
    /** “3 days”, “2.7 days”, “1 day”. */
    case Days;
    /** “0.6 m/s”, or “ft/s” where lengths are in inches. */
    case Velocity;
    /** “3.5 min”. */
    case Minutes;
}
