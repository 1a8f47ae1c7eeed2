<?php

declare(strict_types=1);

namespace YardCask\Server\OpenApi;

use OpenApi\Attributes as OA;

/** A route answers with a problem document: what went wrong, and where. */
#[\Attribute(\Attribute::TARGET_METHOD | \Attribute::IS_REPEATABLE)]
final class ProblemResponse extends OA\Response
{
    public function __construct(int $status, string $description)
    {
        parent::__construct(
            response: $status,
            description: $description,
            content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: '#/components/schemas/Problem')),
        );
    }
}
