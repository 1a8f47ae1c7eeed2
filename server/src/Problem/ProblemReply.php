<?php

declare(strict_types=1);

namespace YardCask\Server\Problem;

use Symfony\Component\HttpFoundation\Response;
use YardCask\Core\Input\Json;

/** A problem document as an answer. */
final class ProblemReply
{
    /** @param array<mixed> $headers */
    public static function of(Problem $problem, array $headers = []): Response
    {
        return new Response(
            Json::encode($problem->document()),
            $problem->status,
            ['Content-Type' => 'application/problem+json', 'Cache-Control' => 'no-store'] + $problem->headers + $headers,
        );
    }
}
