<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\LevelsText;
use YardCask\Core\Plan\Plan;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;

/** Reads a tank's table of heights and litres that was pasted, or came as CSV. */
final readonly class LevelsController
{
    #[Route('/api/levels', methods: ['POST'])]
    #[OA\Post(path: '/api/levels', operationId: 'readLevels', summary: 'Read a table of heights and litres, a line each')]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['text', 'plan'], properties: [new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'plan', ref: 'plan.schema.json')]))]
    #[OA\Response(response: 200, description: 'The lines to store in the plan', content: new OA\JsonContent(required: ['levels'], properties: [new OA\Property(property: 'levels', type: 'array', items: new OA\Items(required: ['id', 'height_mm', 'litres'], properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'height_mm', type: 'number'), new OA\Property(property: 'litres', type: 'number')], type: 'object'))]))]
    #[OA\Response(response: 422, description: 'Not understood, or not allowed here', content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: '#/components/schemas/Problem')))]
    public function __invoke(Request $request): Response
    {
        $body = JsonBody::read($request);
        $text = $body instanceof \stdClass ? $body->text ?? null : null;
        if (!$body instanceof \stdClass || !\is_string($text)) {
            throw InvalidInput::at('/text', 'A table is wanted here, a height and its litres on each line.');
        }

        return JsonReply::of(['levels' => LevelsText::read($text, Plan::read($body->plan ?? null))]);
    }
}
