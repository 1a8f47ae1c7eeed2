<?php

declare(strict_types=1);

namespace YardCask\Server\Http;

use Symfony\Component\HttpFoundation\Response;
use YardCask\Core\Input\Json;

/** A JSON answer, written as the core writes JSON. */
final class JsonReply
{
    /**
     * @param array<string, string> $headers
     * @param int $digits of its numbers, as in Json::encode()
     */
    public static function of(mixed $value, int $status = 200, array $headers = [], int $digits = Json::EXACT): Response
    {
        return new Response(Json::encode($value, digits: $digits), $status, ['Content-Type' => 'application/json', 'Cache-Control' => 'no-store'] + $headers);
    }
}
