<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Assessment\Assessment;
use YardCask\Core\Assessment\Memory;
use YardCask\Core\Assessment\Readings;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Record\Records;
use YardCask\Core\Search\Watch;
use YardCask\Core\Stage\Assessor;
use YardCask\Server\Archive\Archive;
use YardCask\Server\Clock;
use YardCask\Server\Http\ArchiveBody;
use YardCask\Server\Http\AskedRecords;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\OpenApi\ListResponse;
use YardCask\Server\OpenApi\PlanRequest;
use YardCask\Server\OpenApi\ProblemResponse;
use YardCask\Server\OpenApi\RecordedParameter;
use YardCask\Server\OpenApi\SearchResponse;
use YardCask\Server\Problem\Problem;
use YardCask\Server\Search\Searches;
use YardCask\Server\Storage\OwnParts;

/**
 * Says everything that can be said about a plan, saved or not: what it comes to, how a stage is drawn, what clears findings, what figures were worked
 * out of.
 */
final readonly class AssessController
{
    public function __construct(
        private OwnParts $parts,
        private Searches $searches,
        private AskedRecords $records,
        private Memory $memory,
    ) {
    }

    #[Route('/api/assess', methods: ['POST'])]
    #[OA\Post(path: '/api/assess', operationId: 'assess', summary: 'Assess a plan')]
    #[OA\Parameter(
        name: 'stage',
        in: 'query',
        required: false,
        description: 'The stage that is looked at: its whole drawing, what clears its findings and the sums of the figures are left to /api/drawing, '
            .'/api/fixes and /api/sums. Without it all of them come too, of every stage.',
        schema: new OA\Schema(type: 'string'),
    )]
    #[OA\Parameter(
        name: 'opened',
        in: 'query',
        required: false,
        description: 'The id of the part or pipe of the line that is opened: with a stage, of the fields of the line only its own come.',
        schema: new OA\Schema(type: 'string'),
    )]
    #[RecordedParameter]
    #[PlanRequest]
    #[OA\Response(response: 200, description: 'The assessment', content: new OA\JsonContent(ref: 'assessment.schema.json'))]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function assess(Request $request): Response
    {
        // The memory is freed at the end of the request anyway; collecting cycles on the way takes about an eighth of the time.
        gc_disable();
        try {
            return self::reply(
                Assessor::assess(
                    Plan::read(JsonBody::read($request)),
                    self::asked($request, 'stage'),
                    $this->parts->stock(),
                    self::asked($request, 'opened'),
                    $this->records->of($request),
                    Clock::now(),
                    $this->memory,
                ),
            );
        } finally {
            gc_enable();
        }
    }

    #[Route('/api/assess-archive', methods: ['POST'])]
    #[OA\Post(path: '/api/assess-archive', operationId: 'assessArchive', summary: 'Assess a plan with the records of its archive; nothing is kept')]
    #[OA\RequestBody(required: true, content: new OA\MediaType(mediaType: ArchiveBody::TYPE, schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 200, description: 'The assessment', content: new OA\JsonContent(ref: 'assessment.schema.json'))]
    #[ProblemResponse(413, 'Too large')]
    #[ProblemResponse(415, 'Not sent as a ZIP')]
    #[ProblemResponse(422, 'Not such an archive')]
    public function assessArchive(Request $request): Response
    {
        return self::reply(ArchiveBody::with($request, function (string $file): Assessment {
            $archive = Archive::open($file);

            return Assessor::assess($archive->plan(), null, $this->parts->stock(), null, Records::of($archive->records()), Clock::now());
        }));
    }

    #[Route('/api/drawing', methods: ['POST'])]
    #[OA\Post(path: '/api/drawing', operationId: 'drawStage', summary: 'How a stage that is looked at is drawn, and what can be added there')]
    #[OA\Parameter(name: 'stage', in: 'query', required: true, schema: new OA\Schema(type: 'string'))]
    #[RecordedParameter]
    #[PlanRequest]
    #[OA\Response(
        response: 200,
        description: 'In place of what the assessment has of that stage',
        content: new OA\JsonContent(ref: 'stage-drawing.schema.json'),
    )]
    #[ProblemResponse(404, 'No such stage')]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function drawing(Request $request): Response
    {
        $stage = self::asked($request, 'stage') ?? '';

        $plan = Plan::read(JsonBody::read($request));

        return self::reply(Assessor::drawn($plan, $stage, $this->parts->stock(), $this->records->of($request)) ?? throw Problem::noSuchStage($stage));
    }

    #[Route('/api/book', methods: ['POST'])]
    #[OA\Post(
        path: '/api/book',
        operationId: 'printBook',
        summary: 'A plan on paper: every stage drawn whole, with all of its figures and what is still to be measured',
    )]
    #[RecordedParameter]
    #[PlanRequest]
    #[ListResponse('pages', 'book-page.schema.json', 'The stages in the order of the work')]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function book(Request $request): Response
    {
        return self::reply(['pages' => Assessor::book(Plan::read(JsonBody::read($request)), $this->parts->stock(), $this->records->of($request))]);
    }

    #[Route('/api/readings', methods: ['POST'])]
    #[OA\Post(
        path: '/api/readings',
        operationId: 'readFields',
        summary: 'Every measured field of a plan as it reads in the plan’s units, with what is said beside it',
    )]
    #[PlanRequest]
    #[OA\Response(response: 200, description: 'All of its fields', content: new OA\JsonContent(ref: 'readings.schema.json'))]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function readings(Request $request): Response
    {
        return self::reply(Readings::of(Plan::read(JsonBody::read($request))));
    }

    #[Route('/api/sums', methods: ['POST'])]
    #[OA\Post(path: '/api/sums', operationId: 'readSums', summary: 'What every figure of a plan was worked out of')]
    #[PlanRequest]
    #[OA\Response(
        response: 200,
        description: 'The sum of each figure, by the figure’s id',
        content: new OA\JsonContent(
            required: ['sums'],
            properties: [
                new OA\Property(property: 'sums', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: 'sum.schema.json')),
            ],
        ),
    )]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function sums(Request $request): Response
    {
        return self::reply(['sums' => Assessor::sums(Plan::read(JsonBody::read($request)), $this->parts->stock())]);
    }

    #[Route('/api/fixes', methods: ['POST'])]
    #[OA\Post(path: '/api/fixes', operationId: 'proveFixes', summary: 'What clears the findings of a stage, each fix tried on the whole plan')]
    #[OA\Parameter(name: 'stage', in: 'query', required: true, schema: new OA\Schema(type: 'string'))]
    #[RecordedParameter]
    #[PlanRequest]
    #[SearchResponse(new OA\Schema(type: 'array', items: new OA\Items(ref: 'finding-fixes.schema.json')), 'The fixes of each finding, by its key')]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function fixes(Request $request): Response
    {
        $plan = Plan::read(JsonBody::read($request));
        $stage = self::asked($request, 'stage') ?? '';
        $stock = $this->parts->stock();

        $records = $this->records->of($request);

        return $this->searches->reply($request, static fn (Watch $watch): array => Assessor::fixes($plan, $stage, $stock, $watch, $records));
    }

    private static function reply(mixed $workedOut): Response
    {
        return JsonReply::of($workedOut, digits: Json::WORKED_OUT);
    }

    private static function asked(Request $request, string $name): ?string
    {
        $value = $request->query->all()[$name] ?? null;

        return \is_string($value) ? $value : null;
    }
}
