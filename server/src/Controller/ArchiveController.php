<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Server\Archive\ArchiveStore;
use YardCask\Server\Http\ArchiveBody;
use YardCask\Server\Http\SavedPlanReply;
use YardCask\Server\OpenApi\ProblemResponse;

/** A plan with its notes and photographs in one file. */
#[Route('/api/plans')]
final readonly class ArchiveController
{
    public function __construct(private ArchiveStore $archives)
    {
    }

    #[Route('/{id}/archive.zip', methods: ['GET'])]
    #[OA\Get(path: '/api/plans/{id}/archive.zip', operationId: 'writeArchive', summary: 'The plan as last saved, with all that was recorded, as a ZIP')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(
        response: 200,
        description: 'plan.json, records.csv and photos/UUID.jpg',
        content: new OA\MediaType(mediaType: ArchiveBody::TYPE, schema: new OA\Schema(type: 'string', format: 'binary')),
    )]
    #[ProblemResponse(404, 'No such plan')]
    public function write(string $id): Response
    {
        $file = new BinaryFileResponse($this->archives->write($id), Response::HTTP_OK, ['Content-Type' => ArchiveBody::TYPE]);

        return $file->setContentDisposition('attachment', 'yard-cask-'.$id.'.zip')->deleteFileAfterSend();
    }

    #[Route('/archive', methods: ['POST'], priority: 1)]
    #[OA\Post(path: '/api/plans/archive', operationId: 'readArchive', summary: 'Take in a plan with all that was recorded of it, as a new plan')]
    #[OA\RequestBody(required: true, content: new OA\MediaType(mediaType: ArchiveBody::TYPE, schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 201, description: 'The new plan', content: new OA\JsonContent(ref: '#/components/schemas/SavedPlan'))]
    #[ProblemResponse(413, 'Too large')]
    #[ProblemResponse(415, 'Not sent as a ZIP')]
    #[ProblemResponse(422, 'Not such an archive')]
    public function read(Request $request): Response
    {
        return SavedPlanReply::of(ArchiveBody::with($request, $this->archives->takeIn(...)), Response::HTTP_CREATED);
    }
}
