<?php

declare(strict_types=1);

namespace YardCask\Server\Http;

use Symfony\Component\HttpFoundation\Request;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Server\Problem\Problem;
use YardCask\Server\Settings;

/** Reads the JSON body of a request, within bounds. */
final class JsonBody
{
    /** @throws Problem when the body is too large, not sent as JSON, or cannot be decoded */
    public static function read(Request $request): mixed
    {
        if ('json' !== $request->getContentTypeFormat()) {
            throw Problem::notOfType('application/json', 'the body', $request->headers->get('Content-Type', 'nothing'));
        }
        $mostBytes = Settings::maxBodyBytes();
        if ((int) $request->headers->get('Content-Length', '0') > $mostBytes || \strlen($request->getContent()) > $mostBytes) {
            throw Problem::tooLarge($mostBytes);
        }
        try {
            return Json::decode($request->getContent());
        } catch (InvalidInput $e) {
            throw Problem::unreadable($e->errors[0]->message);
        }
    }
}
