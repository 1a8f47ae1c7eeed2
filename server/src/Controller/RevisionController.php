<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Plan\Plan;
use YardCask\Server\Entity\PlanRevision;
use YardCask\Server\Http\IfMatch;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\Http\SavedPlanReply;
use YardCask\Server\Storage\PlanStore;

/** What a plan once was, and going back to it. */
#[Route('/api/plans/{id}/revisions')]
final readonly class RevisionController
{
    public function __construct(private PlanStore $plans)
    {
    }

    #[Route('', methods: ['GET'])]
    #[OA\Get(path: '/api/plans/{id}/revisions', operationId: 'listRevisions', summary: 'The latest revisions of a plan, at most 200')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'The revisions', content: new OA\JsonContent(required: ['revisions'], properties: [new OA\Property(property: 'revisions', type: 'array', items: new OA\Items(required: ['number', 'saved_at'], properties: [new OA\Property(property: 'number', type: 'integer'), new OA\Property(property: 'saved_at', type: 'string')], type: 'object'))]))]
    public function list(string $id): Response
    {
        return JsonReply::of(['revisions' => array_map(static fn (PlanRevision $revision): array => ['number' => $revision->number, 'saved_at' => $revision->savedAt->format(\DATE_ATOM)], $this->plans->revisions($id))]);
    }

    #[Route('/{number}', requirements: ['number' => '\d{1,9}'], methods: ['GET'])]
    #[OA\Get(path: '/api/plans/{id}/revisions/{number}', operationId: 'readRevision', summary: 'A plan as it once was')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'number', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))]
    #[OA\Response(response: 200, description: 'The revision', content: new OA\JsonContent(ref: '#/components/schemas/SavedPlan'))]
    public function read(string $id, int $number): Response
    {
        return SavedPlanReply::of($this->plans->at($id, $number));
    }

    #[Route('/{number}/restore', requirements: ['number' => '\d{1,9}'], methods: ['POST'])]
    #[OA\Post(path: '/api/plans/{id}/revisions/{number}/restore', operationId: 'restoreRevision', summary: 'Save an old revision again as the newest')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'number', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'If-Match', in: 'header', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'Restored', content: new OA\JsonContent(ref: '#/components/schemas/SavedPlan'))]
    public function restore(string $id, int $number, Request $request): Response
    {
        return SavedPlanReply::of($this->plans->write($id, IfMatch::revision($request), Plan::fromJson($this->plans->at($id, $number)->document)));
    }
}
