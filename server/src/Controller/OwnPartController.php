<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Catalogue\PartsCsv;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Server\Entity\OwnPart;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\OpenApi\ProblemResponse;
use YardCask\Server\Storage\OwnParts;

/** Parts of lines of the user's own: kept out of a plan or read from a table, offered with those of the catalogue. */
final readonly class OwnPartController
{
    public function __construct(private OwnParts $parts)
    {
    }

    #[Route('/api/own-parts', methods: ['GET'])]
    #[OA\Get(path: '/api/own-parts', operationId: 'ownParts', summary: 'The parts of your own')]
    #[OA\Response(
        response: 200,
        description: 'By their names',
        content: new OA\JsonContent(
            required: ['parts'],
            properties: [
                new OA\Property(
                    property: 'parts',
                    type: 'array',
                    items: new OA\Items(
                        required: ['id', 'name'],
                        properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string')],
                        type: 'object',
                    ),
                ),
            ],
        ),
    )]
    public function all(): Response
    {
        return JsonReply::of(['parts' => self::summaries($this->parts->all())]);
    }

    #[Route('/api/own-parts', methods: ['POST'])]
    #[OA\Post(path: '/api/own-parts', operationId: 'keepOwnPart', summary: 'Keep a part of a plan among your own')]
    #[OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['part', 'plan'],
            properties: [
                new OA\Property(property: 'part', description: 'Its id in the plan', type: 'string'),
                new OA\Property(property: 'plan', ref: 'plan.schema.json'),
            ],
        ),
    )]
    #[OA\Response(
        response: 201,
        description: 'Kept',
        content: new OA\JsonContent(
            required: ['parts'],
            properties: [
                new OA\Property(
                    property: 'parts',
                    type: 'array',
                    items: new OA\Items(
                        required: ['id', 'name'],
                        properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string')],
                        type: 'object',
                    ),
                ),
            ],
        ),
    )]
    #[ProblemResponse(422, 'Not a valid plan, or no such part in it')]
    public function keep(Request $request): Response
    {
        $body = JsonBody::read($request);
        $body = $body instanceof \stdClass ? $body : new \stdClass();
        $plan = Plan::read($body->plan ?? null);
        $id = $body->part ?? null;
        $part = \is_string($id) ? $plan->line->part($id) : null;
        if (null === $part) {
            throw InvalidInput::at('/part', 'That part is no longer in the line.');
        }

        return JsonReply::of(['parts' => self::summaries($this->parts->keep([StockPart::like($part)]))], Response::HTTP_CREATED);
    }

    #[Route('/api/own-parts.csv', methods: ['GET'])]
    #[OA\Get(path: '/api/own-parts.csv', operationId: 'ownPartsAsCsv', summary: 'The parts of your own as a table')]
    #[OA\Response(
        response: 200,
        description: 'A line each, under a heading',
        content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')),
    )]
    public function csv(): Response
    {
        $csv = PartsCsv::write(array_map(static fn (OwnPart $own): StockPart => $own->part(), $this->parts->all()));

        return new Response(
            $csv,
            Response::HTTP_OK,
            ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="own-parts.csv"'],
        );
    }

    #[Route('/api/own-parts/table', methods: ['POST'])]
    #[OA\Post(path: '/api/own-parts/table', operationId: 'readOwnParts', summary: 'Keep every part of a table among your own')]
    #[OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['text'],
            properties: [new OA\Property(property: 'text', description: 'CSV as it is given out', type: 'string')],
        ),
    )]
    #[OA\Response(
        response: 201,
        description: 'Kept',
        content: new OA\JsonContent(
            required: ['parts'],
            properties: [
                new OA\Property(
                    property: 'parts',
                    type: 'array',
                    items: new OA\Items(
                        required: ['id', 'name'],
                        properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string')],
                        type: 'object',
                    ),
                ),
            ],
        ),
    )]
    #[ProblemResponse(422, 'Each line that is not understood')]
    public function table(Request $request): Response
    {
        $body = JsonBody::read($request);
        $text = $body instanceof \stdClass ? $body->text ?? null : null;
        if (!\is_string($text)) {
            throw InvalidInput::at('/text', 'A table is wanted here, a part on each line.');
        }

        return JsonReply::of(['parts' => self::summaries($this->parts->keep(PartsCsv::read($text)))], Response::HTTP_CREATED);
    }

    #[Route('/api/own-parts/{id}', requirements: ['id' => '[0-9a-f]{12}'], methods: ['DELETE'])]
    #[OA\Delete(path: '/api/own-parts/{id}', operationId: 'removeOwnPart', summary: 'Keep it no longer; plans that use it have their copy')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 204, description: 'Gone, or never there')]
    public function remove(string $id): Response
    {
        $this->parts->remove($id);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /**
     * @param list<OwnPart> $parts
     *
     * @return list<array{id: string, name: string}>
     */
    private static function summaries(array $parts): array
    {
        return array_map(static fn (OwnPart $own): array => ['id' => $own->id, 'name' => $own->name], $parts);
    }
}
