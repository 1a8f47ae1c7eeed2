<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Search\Watch;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Drawing\OutletExtremes;
use YardCask\Core\Stage\Line\Drawing\PairTable;
use YardCask\Core\Stage\Line\Drawing\TurnedScenes;
use YardCask\Core\Stage\Line\Edit\LineEdit;
use YardCask\Core\Stage\Line\Edit\SystemOffer;
use YardCask\Core\Stage\Line\Sizing\SizingOffer;
use YardCask\Core\Words\Wording;
use YardCask\Server\Catalogue\CatalogueFiles;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\OpenApi\ListResponse;
use YardCask\Server\OpenApi\PatchResponse;
use YardCask\Server\OpenApi\PlanRequest;
use YardCask\Server\OpenApi\ProblemResponse;
use YardCask\Server\OpenApi\SearchResponse;
use YardCask\Server\Search\Searches;
use YardCask\Server\Storage\OwnParts;

/** The parts of lines that can be had, the systems, and what is done to a line. */
final readonly class LineController
{
    public function __construct(
        private CatalogueFiles $files,
        private OwnParts $parts,
        private Searches $searches,
    ) {
    }

    #[Route('/api/parts', methods: ['GET'])]
    #[OA\Get(path: '/api/parts', operationId: 'readParts', summary: 'The parts and pipes of lines that can be had')]
    #[OA\Parameter(name: 'volume', in: 'query', description: 'The unit of litres and flows in the names', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'pressure', in: 'query', description: 'The unit of pressures in the names', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'temperature', in: 'query', description: 'The unit of temperatures in the names', schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'By their kinds', content: new OA\JsonContent(required: ['parts', 'pipes'], properties: [
        new OA\Property(property: 'parts', type: 'array', items: new OA\Items(required: [
            'id', 'name', 'kind', 'kind_word', 'family', 'ports', 'into', 'branch', 'behind', 'price',
        ], properties: [
            new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(
                property: 'kind',
                type: 'string',
                enum: PartKind::class,
            ), new OA\Property(property: 'kind_word', type: 'string'),
            new OA\Property(property: 'family', type: 'string'), new OA\Property(
                property: 'ports',
                description: 'Parts with the same can take each other’s place',
                type: 'integer',
            ),
            new OA\Property(property: 'into', description: 'Can be put into a pipe', type: 'boolean'),
            new OA\Property(property: 'branch', description: 'Can be branched off a pipe', type: 'boolean'),
            new OA\Property(property: 'behind', description: 'Can follow a port that water leaves', type: 'boolean'),
            new OA\Property(property: 'price', type: 'number'),
        ], type: 'object')),
        new OA\Property(
            property: 'pipes',
            type: 'array',
            items: new OA\Items(
                required: ['id', 'name'],
                properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string')],
                type: 'object',
            ),
        ),
    ]))]
    #[ProblemResponse(422, 'Not a unit')]
    public function parts(Request $request): Response
    {
        $in = InputReader::of((object) array_intersect_key($request->query->all(), UnitPreferences::CHOICES));
        $wording = new Wording(UnitPreferences::read($in, array_keys(UnitPreferences::CHOICES)));
        $in->throwIfInvalid();
        $stock = $this->parts->stock();

        return JsonReply::of([
            'parts' => array_map(
                static fn (StockPart $part): array => [
                    'id' => $part->id,
                    'name' => $wording->catalogueName($part->name),
                    'kind' => $part->kind->value,
                    'kind_word' => $part->kind->word(),
                    'family' => $part->kind->family()->value,
                    'ports' => \count($part->kind->ports()),
                    'into' => $part->kind->isInPath(),
                    'branch' => $part->kind->canBranch(),
                    'behind' => $part->kind->canFollow(),
                    'price' => $part->make->price,
                ],
                $stock->parts(),
            ),
            'pipes' => array_map(static fn (StockPipe $pipe): array => ['id' => $pipe->id, 'name' => $pipe->name], $stock->pipes()),
        ]);
    }

    #[Route('/api/systems', methods: ['POST'])]
    #[OA\Post(path: '/api/systems', operationId: 'offerSystems', summary: 'Every system as it would be in a plan')]
    #[PlanRequest]
    #[ListResponse('systems', 'system-offer.schema.json', 'The systems, each with the patch that lays it')]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function systems(Request $request): Response
    {
        return JsonReply::of(['systems' => SystemOffer::all(Plan::read(JsonBody::read($request)), $this->files->systems(), $this->parts->stock())]);
    }

    #[Route('/api/line-sizing', methods: ['POST'])]
    #[OA\Post(path: '/api/line-sizing', operationId: 'sizeLine', summary: 'Every size that can be had of pump, vessel, filter and pipe, tried in a plan')]
    #[OA\Parameter(
        name: 'search',
        in: 'query',
        required: false,
        description: 'What the page calls this search, to stop it',
        schema: new OA\Schema(type: 'string'),
    )]
    #[PlanRequest]
    #[SearchResponse(new OA\Schema(ref: 'sizing-offer.schema.json'), 'A table for each')]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function sizing(Request $request): Response
    {
        $plan = Plan::read(JsonBody::read($request));
        $stock = $this->parts->stock();

        return $this->searches->reply($request, static fn (Watch $watch): SizingOffer => Assessor::sizes($plan, $stock, $watch));
    }

    #[Route('/api/line-pairs', methods: ['POST'])]
    #[OA\Post(path: '/api/line-pairs', operationId: 'pairOutlets', summary: 'What every two outlets of a line give, open at the same time')]
    #[PlanRequest]
    #[OA\Response(response: 200, description: 'A row for each outlet', content: new OA\JsonContent(ref: 'pair-table.schema.json'))]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function pairs(Request $request): Response
    {
        return JsonReply::of(PairTable::of(Plan::read(JsonBody::read($request))));
    }

    #[Route('/api/line-extremes', methods: ['POST'])]
    #[OA\Post(path: '/api/line-extremes', operationId: 'readExtremes', summary: 'What each outlet of a line gives alone, at its worst and at its best')]
    #[PlanRequest]
    #[ListResponse('outlets', 'outlet-extremes.schema.json', 'Of every outlet')]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function extremes(Request $request): Response
    {
        return JsonReply::of(['outlets' => OutletExtremes::all(Plan::read(JsonBody::read($request)))]);
    }

    #[Route('/api/line-scenes', methods: ['POST'])]
    #[OA\Post(path: '/api/line-scenes', operationId: 'turnValves', summary: 'What flows in a mode, and with valves turned by hand; the plan stays as it is')]
    #[OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['turned', 'plan'],
            properties: [
                new OA\Property(
                    property: 'turned',
                    description: 'How each is turned, by the valve’s id, for example {"ball-valve": "shut"}',
                    type: 'object',
                    additionalProperties: new OA\AdditionalProperties(type: 'string'),
                ),
                new OA\Property(property: 'mode', description: 'One of the line’s modes; in use where none is said', type: 'string'),
                new OA\Property(property: 'plan', ref: 'plan.schema.json'),
            ],
        ),
    )]
    #[OA\Response(response: 200, description: 'What flows then, and how everything stands', content: new OA\JsonContent(ref: 'turned-line.schema.json'))]
    #[ProblemResponse(422, 'Not a valid plan, no valve or no mode of it')]
    public function scenes(Request $request): Response
    {
        $body = JsonBody::read($request);
        $body = $body instanceof \stdClass ? $body : new \stdClass();
        $plan = Plan::read($body->plan ?? null);
        unset($body->plan);

        return JsonReply::of(TurnedScenes::of($body, $plan), digits: Json::WORKED_OUT);
    }

    #[Route('/api/line-edits', methods: ['POST'])]
    #[OA\Post(path: '/api/line-edits', operationId: 'editLine', summary: 'What puts, moves, turns or takes a part of the line, as a JSON Patch')]
    #[OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['edit', 'plan'],
            properties: [
                new OA\Property(
                    property: 'edit',
                    description: 'What is done, for example {"do": "into", "pipe": "pipe-3", "part": "filter-carbon-5"}',
                    required: ['do'],
                    properties: [new OA\Property(property: 'do', type: 'string')],
                    type: 'object',
                    additionalProperties: new OA\AdditionalProperties(type: 'string'),
                ),
                new OA\Property(property: 'mode', description: 'One of the line’s modes; in use where none is said', type: 'string'),
                new OA\Property(property: 'plan', ref: 'plan.schema.json'),
            ],
        ),
    )]
    #[PatchResponse('The patch')]
    #[ProblemResponse(422, 'Not understood, or not possible here')]
    public function edit(Request $request): Response
    {
        $body = JsonBody::read($request);
        $body = $body instanceof \stdClass ? $body : new \stdClass();

        return JsonReply::of(['patch' => LineEdit::patch($body->edit ?? null, Plan::read($body->plan ?? null), $this->parts->stock())]);
    }
}
