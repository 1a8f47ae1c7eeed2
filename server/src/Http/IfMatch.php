<?php

declare(strict_types=1);

namespace YardCask\Server\Http;

use Symfony\Component\HttpFoundation\Request;
use YardCask\Server\Problem\Problem;

/** The revision named in If-Match. */
final class IfMatch
{
    /** @throws Problem when the header is missing or names no revision */
    public static function revision(Request $request): int
    {
        if (1 !== preg_match('/^"?(\d{1,9})"?$/', $request->headers->get('If-Match', ''), $match)) {
            throw Problem::revisionNotNamed();
        }

        return (int) $match[1];
    }
}
