<?php

declare(strict_types=1);

namespace YardCask\Server\OpenApi;

use OpenApi\Attributes as OA;

/** A route answers with a list of things of one schema, under a key. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class ListResponse extends OA\Response
{
    public function __construct(string $key, string $schema, string $description)
    {
        parent::__construct(
            response: 200,
            description: $description,
            content: new OA\JsonContent(
                required: [$key],
                properties: [new OA\Property(property: $key, type: 'array', items: new OA\Items(ref: $schema))],
            ),
        );
    }
}
