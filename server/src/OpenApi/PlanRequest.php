<?php

declare(strict_types=1);

namespace YardCask\Server\OpenApi;

use OpenApi\Attributes as OA;

/** A route takes a plan. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class PlanRequest extends OA\RequestBody
{
    public function __construct()
    {
        parent::__construct(required: true, content: new OA\JsonContent(ref: 'plan.schema.json'));
    }
}
