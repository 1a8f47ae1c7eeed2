<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/** What a regulator does. */
enum RegulatorState
{
    /** Less stands behind it than it is set to. */
    case Open;
    /** It throttles to what it is set to. */
    case Holding;
    /** More stands behind it. */
    case Shut;
}
