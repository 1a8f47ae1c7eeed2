<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\LevelsText;
use YardCask\Core\Stage\Tanks\Drawing\LevelOffer;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\OpenApi\PatchResponse;
use YardCask\Server\OpenApi\ProblemResponse;

/** Reads a tank's table of heights and litres that was pasted, or came as CSV. */
final readonly class LevelsController
{
    #[Route('/api/levels', methods: ['POST'])]
    #[OA\Post(path: '/api/levels', operationId: 'readLevels', summary: 'Read a table of heights and litres, a line each')]
    #[OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['text', 'tank', 'plan'],
            properties: [
                new OA\Property(property: 'text', type: 'string'),
                new OA\Property(property: 'tank', description: 'Its id in the plan', type: 'string'),
                new OA\Property(property: 'plan', ref: 'plan.schema.json'),
            ],
        ),
    )]
    #[PatchResponse('What puts the table into the plan, a JSON Patch')]
    #[ProblemResponse(422, 'Not understood, or not allowed here')]
    public function __invoke(Request $request): Response
    {
        $body = JsonBody::read($request);
        $text = $body instanceof \stdClass ? $body->text ?? null : null;
        if (!$body instanceof \stdClass || !\is_string($text)) {
            throw InvalidInput::at('/text', 'A table is wanted here, a height and its litres on each line.');
        }
        $plan = Plan::read($body->plan ?? null);
        foreach ($plan->tanks as $index => $tank) {
            if ($tank->id === ($body->tank ?? null)) {
                return JsonReply::of(['patch' => LevelOffer::table($index, LevelsText::read($text, $plan), $plan)]);
            }
        }
        throw InvalidInput::at('/tank', 'That tank is no longer in the plan.');
    }
}
