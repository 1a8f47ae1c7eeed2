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
use YardCask\Server\Storage\OwnParts;

/** Says everything that can be said about a plan, saved or not; what would clear its findings and what its figures were worked out of, by themselves, when they are looked at. */
final readonly class AssessController
{
    public function __construct(private OwnParts $parts)
    {
    }

    #[Route('/api/assess', methods: ['POST'])]
    #[OA\Post(path: '/api/assess', operationId: 'assess', summary: 'Assess a plan')]
    #[OA\Parameter(name: 'stage', in: 'query', required: false, description: 'The stage that is looked at: only it is drawn whole; fixes and sums are left to /api/fixes and /api/sums. Without it all are, and every finding comes with its fixes, every figure with its sum.', schema: new OA\Schema(type: 'string'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: 'plan.schema.json'))]
    #[OA\Response(response: 200, description: 'The assessment', content: new OA\JsonContent(ref: 'assessment.schema.json'))]
    #[OA\Response(response: 422, description: 'Not a valid plan', content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: '#/components/schemas/Problem')))]
    public function assess(Request $request): Response
    {
        $stage = $request->query->all()['stage'] ?? null;

        return JsonReply::of(Assessor::assess(Plan::read(JsonBody::read($request)), \is_string($stage) ? $stage : null, $this->parts->stock()));
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
        $stage = $request->query->all()['stage'] ?? null;

        return JsonReply::of(['findings' => Assessor::fixes(Plan::read(JsonBody::read($request)), \is_string($stage) ? $stage : '', $this->parts->stock())]);
    }
}
