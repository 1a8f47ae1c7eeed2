<?php

declare(strict_types=1);

namespace YardCask\Server\OpenApi;

use OpenApi\Attributes as OA;

/** A route answers with a JSON Patch of the plan. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class PatchResponse extends OA\Response
{
    public function __construct(string $description)
    {
        $operation = new OA\Items(
            required: ['op', 'path'],
            properties: [
                new OA\Property(property: 'op', type: 'string'),
                new OA\Property(property: 'path', type: 'string'),
                new OA\Property(property: 'value'),
            ],
            type: 'object',
        );
        parent::__construct(
            response: 200,
            description: $description,
            content: new OA\JsonContent(
                required: ['patch'],
                properties: [new OA\Property(property: 'patch', type: 'array', items: $operation)],
            ),
        );
    }
}
