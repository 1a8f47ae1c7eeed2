<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/** In which order several tanks are drawn. */
enum Draw: string
{
    /** All in proportion to what can be drawn from each. */
    case Together = 'together';
    /** One after the other, in the order given. */
    case InTurn = 'in_turn';
}
