<?php

declare(strict_types=1);

namespace YardCask\Server\OpenApi;

use OpenApi\Attributes as OA;

/** A route answers with who asks. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class WhoResponse extends OA\Response
{
    public function __construct()
    {
        parent::__construct(response: 200, description: 'Who asks', content: new OA\JsonContent(ref: '#/components/schemas/Who'));
    }
}
