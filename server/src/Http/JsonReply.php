<?php

declare(strict_types=1);

namespace YardCask\Server\Http;

use Symfony\Component\HttpFoundation\Response;
use YardCask\Core\Input\Json;

/** A JSON answer, written as the core writes JSON. */
final class JsonReply
{
    /** @param array<string, string> $headers */
    public static function of(mixed $value, int $status = 200, array $headers = []): Response
    {
        return new Response(Json::encode($value), $status, ['Content-Type' => 'application/json', 'Cache-Control' => 'no-store'] + $headers);
    }
}
