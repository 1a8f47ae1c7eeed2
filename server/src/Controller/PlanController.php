<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Start\FirstAnswers;
use YardCask\Core\Start\PlanStarter;
use YardCask\Server\Catalogue\CatalogueFiles;
use YardCask\Server\Entity\PlanHead;
use YardCask\Server\Entity\RevisionOrigin;
use YardCask\Server\Http\IfMatch;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\Http\PlanBody;
use YardCask\Server\Http\SavedPlanReply;
use YardCask\Server\OpenApi\PlanRequest;
use YardCask\Server\OpenApi\ProblemResponse;
use YardCask\Server\Storage\PlanStore;

/** Plans: list, begin, read, save, delete and bring back. */
#[Route('/api/plans')]
final readonly class PlanController
{
    /** Of a plan that does not exist yet no stage is looked at. */
    private const NO_STAGE = '-';

    public function __construct(
        private PlanStore $plans,
        private PlanBody $body,
    ) {
    }

    #[Route('', methods: ['GET'])]
    #[OA\Get(path: '/api/plans', operationId: 'listPlans', summary: 'All plans, the latest saved first, and those that were deleted, the latest deleted first')]
    #[OA\Response(response: 200, description: 'The plans', content: new OA\JsonContent(required: ['plans', 'deleted'], properties: [
        new OA\Property(property: 'plans', type: 'array', items: new OA\Items(ref: '#/components/schemas/PlanSummary')),
        new OA\Property(property: 'deleted', type: 'array', items: new OA\Items(ref: '#/components/schemas/PlanSummary')),
    ]))]
    public function list(): Response
    {
        $summary = fn (PlanHead $plan): array => [
            'id' => $plan->id, 'name' => $plan->name(), 'revision' => $plan->revision(), 'updated_at' => $plan->updatedAt()->format(\DATE_ATOM),
            'note' => $this->plans->note($plan),
        ];

        return JsonReply::of(['plans' => array_map($summary, $this->plans->all()), 'deleted' => array_map($summary, $this->plans->deleted())]);
    }

    #[Route('', methods: ['POST'])]
    #[OA\Post(path: '/api/plans', operationId: 'startPlan', summary: 'Begin a plan from the first answers')]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/FirstAnswers'))]
    #[OA\Response(response: 201, description: 'The new plan', content: new OA\JsonContent(ref: '#/components/schemas/SavedPlan'))]
    #[ProblemResponse(422, 'An answer is missing or not allowed')]
    public function start(Request $request, CatalogueFiles $files): Response
    {
        return SavedPlanReply::of($this->plans->create(self::begun($request, $files), RevisionOrigin::Begun), 201);
    }

    #[Route('/preview', methods: ['POST'], priority: 1)]
    #[OA\Post(path: '/api/plans/preview', operationId: 'previewPlan', summary: 'The assessment of the plan that the first answers would begin')]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/FirstAnswers'))]
    #[OA\Response(response: 200, description: 'The assessment', content: new OA\JsonContent(ref: 'assessment.schema.json'))]
    #[ProblemResponse(422, 'An answer is missing or not allowed')]
    public function preview(Request $request, CatalogueFiles $files): Response
    {
        return JsonReply::of(Assessor::assess(self::begun($request, $files), self::NO_STAGE, $files->partStock()));
    }

    #[Route('/{id}', methods: ['GET'])]
    #[OA\Get(path: '/api/plans/{id}', operationId: 'readPlan', summary: 'A plan as last saved; its revision is also the ETag')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'The plan', content: new OA\JsonContent(ref: '#/components/schemas/SavedPlan'))]
    #[ProblemResponse(404, 'No such plan')]
    public function read(string $id): Response
    {
        return SavedPlanReply::of($this->plans->latest($id));
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[OA\Put(path: '/api/plans/{id}', operationId: 'writePlan', summary: 'Save a plan as its next revision')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(
        name: 'If-Match',
        in: 'header',
        required: true,
        description: 'The revision that the change is based on, quoted',
        schema: new OA\Schema(type: 'string', example: '"3"'),
    )]
    #[PlanRequest]
    #[OA\Response(response: 200, description: 'Saved', content: new OA\JsonContent(ref: '#/components/schemas/SavedPlan'))]
    #[ProblemResponse(404, 'No such plan')]
    #[ProblemResponse(412, 'Saved by somebody else meanwhile; `current` holds what stands')]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function write(string $id, Request $request): Response
    {
        $based = IfMatch::revision($request);

        return SavedPlanReply::of($this->plans->write($id, $based, $this->body->read($request)));
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[OA\Delete(path: '/api/plans/{id}', operationId: 'deletePlan', summary: 'Delete a plan; it can be brought back')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 204, description: 'Deleted')]
    #[ProblemResponse(404, 'No such plan')]
    public function delete(string $id): Response
    {
        $this->plans->delete($id);

        return new Response('', 204);
    }

    #[Route('/{id}/copy', methods: ['POST'])]
    #[OA\Post(path: '/api/plans/{id}/copy', operationId: 'copyPlan', summary: 'Begin a new plan as a copy of one as last saved')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 201, description: 'The copy', content: new OA\JsonContent(ref: '#/components/schemas/SavedPlan'))]
    #[ProblemResponse(404, 'No such plan')]
    public function copy(string $id): Response
    {
        return SavedPlanReply::of($this->plans->copy($id), 201);
    }

    #[Route('/{id}/undelete', methods: ['POST'])]
    #[OA\Post(path: '/api/plans/{id}/undelete', operationId: 'undeletePlan', summary: 'Bring a deleted plan back')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'Back again', content: new OA\JsonContent(ref: '#/components/schemas/SavedPlan'))]
    #[ProblemResponse(404, 'No such plan')]
    public function undelete(string $id): Response
    {
        return SavedPlanReply::of($this->plans->undelete($id));
    }

    private static function begun(Request $request, CatalogueFiles $files): Plan
    {
        $choices = $files->startingChoices();

        return PlanStarter::start(FirstAnswers::read(JsonBody::read($request), $choices), $choices, $files->systems(), $files->partStock());
    }
}
