<?php

declare(strict_types=1);

namespace YardCask\Server\OpenApi;

use OpenApi\Attributes as OA;

/** A route that takes what was recorded of a stored plan into account. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class RecordedParameter extends OA\Parameter
{
    public function __construct()
    {
        parent::__construct(
            name: 'recorded',
            in: 'query',
            required: false,
            description: 'The id of the stored plan whose records are taken into account',
            schema: new OA\Schema(type: 'string'),
        );
    }
}
