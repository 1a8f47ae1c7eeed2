<?php

declare(strict_types=1);

namespace YardCask\Server\OpenApi;

use OpenApi\Attributes as OA;
use YardCask\Server\Search\Searches;

/** A route answers with lines of JSON: how far its search is, and at the end what it has found. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class SearchResponse extends OA\Response
{
    /** @param OA\Schema $found what the last line has under “found” */
    public function __construct(OA\Schema $found, string $description)
    {
        parent::__construct(
            response: 200,
            description: $description.'. Each line is JSON. While it is searched: “done” of “of” candidates. '
                .'The last: “found”, and in “stopped” why not all was tried, or null.',
            content: new OA\MediaType(mediaType: Searches::TYPE, schema: new OA\Schema(oneOf: [
                new OA\Schema(required: ['done', 'of'], properties: [
                    new OA\Property(property: 'done', type: 'integer'),
                    new OA\Property(property: 'of', type: 'integer'),
                ], type: 'object'),
                new OA\Schema(required: ['found', 'stopped'], properties: [
                    new OA\Property(property: 'found', allOf: [$found]),
                    new OA\Property(property: 'stopped', type: 'string', nullable: true),
                ], type: 'object'),
            ])),
        );
    }
}
