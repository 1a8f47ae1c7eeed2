<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Input\Json;

/** A stage’s drawing, kept from an earlier plan that has the same one. */
final readonly class KeptDrawing implements Drawing, \JsonSerializable
{
    /** @param string $json of the drawing */
    public function __construct(private string $json)
    {
    }

    public function jsonSerialize(): mixed
    {
        return Json::decode($this->json);
    }
}
