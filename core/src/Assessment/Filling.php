<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** How full the main tanks are in a sum; drinking cans are always full. */
enum Filling
{
    case TanksEmpty;
    /** As the plan says for the road. */
    case Travelling;
    case BrimFull;
}
