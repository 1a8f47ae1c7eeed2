<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Record\Uuid;
use YardCask\Server\OpenApi\ProblemResponse;
use YardCask\Server\Problem\Problem;
use YardCask\Server\Settings;
use YardCask\Server\Storage\PhotoStore;

/** Photographs that notes hold. */
#[Route('/api/plans/{id}/photos/{uuid}', requirements: ['uuid' => Uuid::PATTERN])]
final readonly class PhotoController
{
    public function __construct(private PhotoStore $photos)
    {
    }

    #[Route('', methods: ['PUT'])]
    #[OA\Put(path: '/api/plans/{id}/photos/{uuid}', operationId: 'putPhoto', summary: 'Keep a photograph; once more changes nothing')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'uuid', in: 'path', required: true, description: 'Made by the device', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 200, description: 'It was there already')]
    #[OA\Response(response: 201, description: 'Kept')]
    #[ProblemResponse(404, 'No such plan')]
    #[ProblemResponse(409, 'Another photograph has this UUID')]
    #[ProblemResponse(415, 'Not sent as a JPEG')]
    #[ProblemResponse(422, 'Not a JPEG, too large, or too many')]
    public function put(string $id, string $uuid, Request $request): Response
    {
        if ('image/jpeg' !== $request->headers->get('Content-Type')) {
            throw Problem::notOfType('image/jpeg', 'a photograph', $request->headers->get('Content-Type', 'nothing'));
        }
        $mostBytes = Settings::maxBodyBytes();
        if (\strlen($request->getContent()) > $mostBytes) {
            throw Problem::tooLarge($mostBytes);
        }

        return new Response('', $this->photos->put($id, $uuid, $request->getContent()) ? Response::HTTP_CREATED : Response::HTTP_OK);
    }

    #[Route('', methods: ['GET'])]
    #[OA\Get(path: '/api/plans/{id}/photos/{uuid}', operationId: 'readPhoto', summary: 'A photograph, as it was drawn anew here')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'uuid', in: 'path', required: true, schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(
        response: 200,
        description: 'It never changes',
        content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary')),
    )]
    #[ProblemResponse(404, 'No such plan or photograph')]
    public function read(string $id, string $uuid): Response
    {
        return new Response($this->photos->get($id, $uuid)->jpeg(), Response::HTTP_OK, [
            'Content-Type' => 'image/jpeg',
            'X-Content-Type-Options' => 'nosniff',
            'Content-Security-Policy' => "default-src 'none'; sandbox",
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }
}
