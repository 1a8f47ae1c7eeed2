<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

/** How a device got in. */
enum DeviceKind: string
{
    /** With a code. */
    case Paired = 'paired';
    /** With the passphrase. */
    case SignedIn = 'signed_in';
    /** With a link to one plan. */
    case Link = 'link';
}
