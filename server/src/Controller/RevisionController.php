<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Server\Entity\PlanRevision;
use YardCask\Server\Http\IfMatch;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\Http\SavedPlanReply;
use YardCask\Server\OpenApi\ProblemResponse;
use YardCask\Server\Storage\PlanStore;

/** What a plan once was, and going back to it. */
#[Route('/api/plans/{id}/revisions')]
final readonly class RevisionController
{
    public function __construct(private PlanStore $plans)
    {
    }

    #[Route('', methods: ['GET'])]
    #[OA\Get(path: '/api/plans/{id}/revisions', operationId: 'listRevisions', summary: 'The revisions of a plan, the latest first, page by page')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(
        name: 'before',
        in: 'query',
        required: false,
        description: 'Only those before this number: what the page before says',
        schema: new OA\Schema(type: 'integer'),
    )]
    #[OA\Response(response: 200, description: 'The revisions', content: new OA\JsonContent(ref: '#/components/schemas/RevisionPage'))]
    #[ProblemResponse(404, 'No such plan')]
    #[ProblemResponse(422, 'Not the number of a revision')]
    public function list(string $id, Request $request): Response
    {
        $before = $request->query->all()['before'] ?? null;
        if (null !== $before && (!\is_string($before) || 1 !== preg_match('/^\d{1,9}$/D', $before))) {
            throw InvalidInput::at('/before', 'The number of a revision is wanted here, for example before=120.');
        }

        return JsonReply::of($this->plans->revisions($id, null === $before ? null : (int) $before));
    }

    #[Route('/{number}', requirements: ['number' => '\d{1,9}'], methods: ['GET'])]
    #[OA\Get(path: '/api/plans/{id}/revisions/{number}', operationId: 'readRevision', summary: 'A plan as it once was')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'number', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))]
    #[OA\Response(response: 200, description: 'The revision', content: new OA\JsonContent(ref: '#/components/schemas/SavedPlan'))]
    #[ProblemResponse(404, 'No such plan or revision')]
    public function read(string $id, int $number): Response
    {
        return SavedPlanReply::of($this->plans->at($id, $number));
    }

    #[Route('/{number}/name', requirements: ['number' => '\d{1,9}'], methods: ['PUT'])]
    #[OA\Put(
        path: '/api/plans/{id}/revisions/{number}/name',
        operationId: 'nameRevision',
        summary: 'Name a revision, so that it is kept for good and found again; an empty name takes it away',
    )]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'number', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))]
    #[OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['name'],
            properties: [new OA\Property(property: 'name', type: 'string', maxLength: PlanRevision::LONGEST_NAME)],
        ),
    )]
    #[OA\Response(response: 204, description: 'Named')]
    #[ProblemResponse(404, 'No such plan or revision')]
    #[ProblemResponse(422, 'Not a name')]
    public function name(string $id, int $number, Request $request): Response
    {
        $body = JsonBody::read($request);
        if (!$body instanceof \stdClass || !\is_string($body->name ?? null)) {
            throw InvalidInput::at('/name', 'Enter a name for this revision, for example “Before winter”, or an empty one to remove it.');
        }
        $in = InputReader::of($body);
        $name = '' === trim($body->name) ? null : trim($in->text('name', PlanRevision::LONGEST_NAME));
        $in->throwIfInvalid();
        $this->plans->nameRevision($id, $number, $name);

        return new Response('', 204);
    }

    #[Route('/{number}/restore', requirements: ['number' => '\d{1,9}'], methods: ['POST'])]
    #[OA\Post(path: '/api/plans/{id}/revisions/{number}/restore', operationId: 'restoreRevision', summary: 'Save an old revision again as the newest')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'number', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'If-Match', in: 'header', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'Restored', content: new OA\JsonContent(ref: '#/components/schemas/SavedPlan'))]
    #[ProblemResponse(404, 'No such plan or revision')]
    #[ProblemResponse(412, 'Saved by somebody else meanwhile; `current` holds what stands')]
    public function restore(string $id, int $number, Request $request): Response
    {
        return SavedPlanReply::of($this->plans->restore($id, IfMatch::revision($request), $number));
    }
}
