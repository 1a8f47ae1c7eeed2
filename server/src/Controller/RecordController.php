<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Record\Record;
use YardCask\Core\Record\RecordKind;
use YardCask\Core\Record\RecordsCsv;
use YardCask\Core\Record\Uuid;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\OpenApi\ProblemResponse;
use YardCask\Server\Storage\RecordStore;

/** What is recorded about a plan in use. Recording never makes a revision. */
#[Route('/api/plans/{id}')]
final readonly class RecordController
{
    public function __construct(private RecordStore $records)
    {
    }

    #[Route('/records/{uuid}', requirements: ['uuid' => Uuid::PATTERN], methods: ['PUT'])]
    #[OA\Put(path: '/api/plans/{id}/records/{uuid}', operationId: 'putRecord', summary: 'Record something; once more changes nothing')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'uuid', in: 'path', required: true, description: 'Made by the device', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: 'record.schema.json'))]
    #[OA\Response(response: 200, description: 'It was there already', content: new OA\JsonContent(ref: 'kept-record.schema.json'))]
    #[OA\Response(response: 201, description: 'Recorded', content: new OA\JsonContent(ref: 'kept-record.schema.json'))]
    #[ProblemResponse(404, 'No such plan')]
    #[ProblemResponse(409, 'Another record has this UUID')]
    #[ProblemResponse(422, 'Not a record')]
    public function put(string $id, string $uuid, Request $request): Response
    {
        $record = Record::read(JsonBody::read($request));
        if ($record->uuid !== $uuid) {
            throw InvalidInput::at('/uuid', 'The address names another record.');
        }
        [$kept, $isNew] = $this->records->put($id, $record);

        return JsonReply::of($kept, $isNew ? Response::HTTP_CREATED : Response::HTTP_OK);
    }

    #[Route('/records', methods: ['GET'])]
    #[OA\Get(path: '/api/plans/{id}/records', operationId: 'listRecords', summary: 'The records that count, the latest to happen first, page by page')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'kind', in: 'query', required: false, schema: new OA\Schema(type: 'string', enum: RecordKind::class))]
    #[OA\Parameter(name: 'part', in: 'query', required: false, description: 'The id of what they are about', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'words', in: 'query', required: false, description: 'That they hold', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'page', in: 'query', required: false, description: 'From 0', schema: new OA\Schema(type: 'integer'))]
    #[OA\Response(response: 200, description: 'The records', content: new OA\JsonContent(ref: 'record-page.schema.json'))]
    #[ProblemResponse(404, 'No such plan')]
    #[ProblemResponse(422, 'Not such a kind or page')]
    public function list(string $id, Request $request): Response
    {
        $kind = self::asked($request, 'kind');
        $page = self::asked($request, 'page');
        if ('' !== $kind && null === RecordKind::tryFrom($kind)) {
            throw InvalidInput::at('/kind', 'A kind of record is wanted here: '.implode(', ', array_column(RecordKind::cases(), 'value')).'.');
        }
        if ('' !== $page && 1 !== preg_match('/^\d{1,6}$/D', $page)) {
            throw InvalidInput::at('/page', 'The number of a page is wanted here, for example page=2.');
        }

        return JsonReply::of(
            $this->records->page($id, RecordKind::tryFrom($kind), self::asked($request, 'part'), self::asked($request, 'words'), (int) $page),
        );
    }

    #[Route('/records.csv', methods: ['GET'])]
    #[OA\Get(path: '/api/plans/{id}/records.csv', operationId: 'recordsAsCsv', summary: 'All that was recorded, as a table')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(
        response: 200,
        description: 'A line each, under a heading, in the order of receipt',
        content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')),
    )]
    #[ProblemResponse(404, 'No such plan')]
    public function csv(string $id): Response
    {
        $head = ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="records.csv"'];

        return new Response(RecordsCsv::write($this->records->all($id)), Response::HTTP_OK, $head);
    }

    /** @return string what was asked for; empty where nothing was */
    private static function asked(Request $request, string $key): string
    {
        $value = $request->query->all()[$key] ?? '';

        return \is_string($value) ? $value : throw InvalidInput::at('/'.$key, 'One value is wanted here.');
    }
}
