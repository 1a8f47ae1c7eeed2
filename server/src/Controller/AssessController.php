<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\Problem\Problem;
use YardCask\Server\Storage\OwnParts;

/** Says everything that can be said about a plan, saved or not: what it comes to, how a stage is drawn, what clears findings, what figures were worked out of. */
final readonly class AssessController
{
    public function __construct(private OwnParts $parts)
    {
    }

    #[Route('/api/assess', methods: ['POST'])]
    #[OA\Post(path: '/api/assess', operationId: 'assess', summary: 'Assess a plan')]
    #[OA\Parameter(name: 'stage', in: 'query', required: false, description: 'The stage that is looked at: how it is drawn whole, what clears its findings and the sums of the figures are left to /api/drawing, /api/fixes and /api/sums. Without it all of them come too, of every stage.', schema: new OA\Schema(type: 'string'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: 'plan.schema.json'))]
    #[OA\Response(response: 200, description: 'The assessment', content: new OA\JsonContent(ref: 'assessment.schema.json'))]
    #[OA\Response(response: 422, description: 'Not a valid plan', content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: '#/components/schemas/Problem')))]
    public function assess(Request $request): Response
    {
        return JsonReply::of(Assessor::assess(Plan::read(JsonBody::read($request)), self::stage($request), $this->parts->stock()));
    }

    #[Route('/api/drawing', methods: ['POST'])]
    #[OA\Post(path: '/api/drawing', operationId: 'drawStage', summary: 'How a stage that is looked at is drawn, and what can be added there')]
    #[OA\Parameter(name: 'stage', in: 'query', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: 'plan.schema.json'))]
    #[OA\Response(response: 200, description: 'In place of what the assessment has of that stage', content: new OA\JsonContent(ref: 'stage-drawing.schema.json'))]
    #[OA\Response(response: 404, description: 'No such stage', content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: '#/components/schemas/Problem')))]
    #[OA\Response(response: 422, description: 'Not a valid plan', content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: '#/components/schemas/Problem')))]
    public function drawing(Request $request): Response
    {
        $stage = self::stage($request) ?? '';

        return JsonReply::of(Assessor::drawn(Plan::read(JsonBody::read($request)), $stage, $this->parts->stock()) ?? throw Problem::noSuchStage($stage));
    }

    #[Route('/api/sums', methods: ['POST'])]
    #[OA\Post(path: '/api/sums', operationId: 'readSums', summary: 'What every figure of a plan was worked out of')]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: 'plan.schema.json'))]
    #[OA\Response(response: 200, description: 'The sum of each figure, by the figure’s id', content: new OA\JsonContent(required: ['sums'], properties: [new OA\Property(property: 'sums', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: 'sum.schema.json'))]))]
    #[OA\Response(response: 422, description: 'Not a valid plan', content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: '#/components/schemas/Problem')))]
    public function sums(Request $request): Response
    {
        return JsonReply::of(['sums' => Assessor::sums(Plan::read(JsonBody::read($request)))]);
    }

    #[Route('/api/fixes', methods: ['POST'])]
    #[OA\Post(path: '/api/fixes', operationId: 'proveFixes', summary: 'What clears the findings of a stage, each fix tried on the whole plan')]
    #[OA\Parameter(name: 'stage', in: 'query', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: 'plan.schema.json'))]
    #[OA\Response(response: 200, description: 'The fixes of each finding, by its key', content: new OA\JsonContent(required: ['findings'], properties: [new OA\Property(property: 'findings', type: 'array', items: new OA\Items(ref: 'finding-fixes.schema.json'))]))]
    #[OA\Response(response: 422, description: 'Not a valid plan', content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: '#/components/schemas/Problem')))]
    public function fixes(Request $request): Response
    {
        return JsonReply::of(['findings' => Assessor::fixes(Plan::read(JsonBody::read($request)), self::stage($request) ?? '', $this->parts->stock())]);
    }

    private static function stage(Request $request): ?string
    {
        $stage = $request->query->all()['stage'] ?? null;

        return \is_string($stage) ? $stage : null;
    }
}
