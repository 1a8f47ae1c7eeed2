<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Spoken\TypedText;
use YardCask\Core\Quantity\UnreadableQuantity;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\OpenApi\ProblemResponse;
use YardCask\Server\Problem\Problem;

/** Reads what was typed into a measured field. */
final readonly class TypedTextController
{
    private const MAX_BYTES = 200;

    #[Route('/api/typed', methods: ['POST'])]
    #[OA\Post(path: '/api/typed', operationId: 'readTyped', summary: 'Read what was typed into a measured field of a plan')]
    #[OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['pointer', 'text', 'plan'],
            properties: [
                new OA\Property(property: 'pointer', type: 'string'),
                new OA\Property(property: 'text', type: 'string'),
                new OA\Property(property: 'sure', description: 'Whether an unlikely value has been asked about and confirmed', type: 'boolean'),
                new OA\Property(property: 'plan', ref: 'plan.schema.json'),
            ],
        ),
    )]
    #[OA\Response(
        response: 200,
        description: 'The value to store in the plan',
        content: new OA\JsonContent(required: ['value'], properties: [new OA\Property(property: 'value', type: 'number')]),
    )]
    #[ProblemResponse(422, 'Not understood, or not allowed here')]
    public function __invoke(Request $request): Response
    {
        $body = JsonBody::read($request);
        $body = $body instanceof \stdClass ? $body : new \stdClass();
        [$pointer, $text] = [self::text($body, 'pointer'), self::text($body, 'text')];
        try {
            return JsonReply::of(['value' => TypedText::read($pointer, $text, Plan::read($body->plan ?? null), true === ($body->sure ?? false))]);
        } catch (UnreadableQuantity $e) {
            throw Problem::notUnderstood($pointer, $e->getMessage(), $e->choices);
        }
    }

    private static function text(\stdClass $body, string $key): string
    {
        $sent = $body->{$key} ?? null;

        return \is_string($sent) && \strlen($sent) <= self::MAX_BYTES
            ? $sent
            : throw InvalidInput::at('/'.$key, 'A text of at most '.self::MAX_BYTES.' bytes is wanted here.');
    }
}
