<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Plan\Plan;
use YardCask\Server\Entity\RevisionOrigin;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\Http\PlanBody;
use YardCask\Server\Http\SavedPlanReply;
use YardCask\Server\OpenApi\PlanRequest;
use YardCask\Server\OpenApi\ProblemResponse;
use YardCask\Server\Storage\PlanStore;

/** The plan file: taken in and given out. */
#[Route('/api/plans')]
final readonly class PlanFileController
{
    public function __construct(private PlanStore $plans)
    {
    }

    #[Route('/import', methods: ['POST'], priority: 1)]
    #[OA\Post(path: '/api/plans/import', operationId: 'importPlan', summary: 'Take in a plan file of this or an older version as a new plan')]
    #[PlanRequest]
    #[OA\Response(response: 201, description: 'The new plan', content: new OA\JsonContent(ref: '#/components/schemas/SavedPlan'))]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function import(Request $request, PlanBody $body): Response
    {
        return SavedPlanReply::of($this->plans->create($body->read($request), RevisionOrigin::Import), 201);
    }

    #[Route('/read', methods: ['POST'], priority: 1)]
    #[OA\Post(path: '/api/plans/read', operationId: 'presentPlan', summary: 'A plan of this or an older version as the present one writes it; nothing is kept')]
    #[PlanRequest]
    #[OA\Response(response: 200, description: 'The same plan in the present version', content: new OA\JsonContent(ref: 'plan.schema.json'))]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function read(Request $request, PlanBody $body): Response
    {
        return JsonReply::of($body->read($request));
    }

    #[Route('/{id}/export', methods: ['GET'])]
    #[OA\Get(path: '/api/plans/{id}/export', operationId: 'exportPlan', summary: 'The plan file as last saved')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'The plan file', content: new OA\JsonContent(ref: 'plan.schema.json'))]
    #[ProblemResponse(404, 'No such plan')]
    public function export(string $id): Response
    {
        $plan = Plan::fromJson($this->plans->latest($id)->document);
        // For clients that read no other name.
        $ascii = (string) preg_replace('/[^A-Za-z0-9.]+/', '-', $plan->fileName());

        return new Response($plan->toJson(), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', $plan->fileName(), $ascii),
        ]);
    }
}
