<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;
use YardCask\Server\Access\Shares;
use YardCask\Server\Entity\Share;
use YardCask\Server\Http\Address;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\OpenApi\ListResponse;
use YardCask\Server\OpenApi\ProblemResponse;
use YardCask\Server\Problem\Problem;

/** Links to one plan, for people without a device of the workshop. */
#[Route('/api/plans/{id}/shares')]
final readonly class ShareController
{
    private const MOST_DAYS = 90;

    public function __construct(private Shares $shares)
    {
    }

    #[Route('', methods: ['GET'])]
    #[OA\Get(path: '/api/plans/{id}/shares', operationId: 'listShares', summary: 'The links to a plan that work; nobody can read their addresses again')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[ListResponse('shares', '#/components/schemas/Share', 'The first to end first')]
    #[ProblemResponse(404, 'No such plan')]
    public function list(string $id): Response
    {
        return JsonReply::of(['shares' => array_map(self::sent(...), $this->shares->of($id))]);
    }

    #[Route('', methods: ['POST'])]
    #[OA\Post(path: '/api/plans/{id}/shares', operationId: 'sharePlan', summary: 'Make a link to a plan')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(
        properties: [
            new OA\Property(property: 'may_note', type: 'boolean'),
            new OA\Property(property: 'days', description: 'For how long it works', type: 'integer', maximum: self::MOST_DAYS, minimum: 1),
        ],
        required: ['may_note', 'days'],
    ))]
    #[OA\Response(response: 201, description: 'The link', content: new OA\JsonContent(required: ['share', 'link'], properties: [
        new OA\Property(property: 'share', ref: '#/components/schemas/Share'),
        new OA\Property(property: 'link', description: 'Its address, which is given out this once', type: 'string'),
    ]))]
    #[ProblemResponse(404, 'No such plan')]
    #[ProblemResponse(409, 'Other devices cannot reach this server')]
    #[ProblemResponse(422, 'Not such a link')]
    public function share(string $id, Request $request): Response
    {
        $in = InputReader::of(JsonBody::read($request));
        $mayNote = $in->boolean('may_note', false);
        $days = (int) $in->number('days', Range::between(1, self::MOST_DAYS));
        $in->throwIfInvalid();
        $address = Address::ofThisServer()->open ?? throw Problem::notOpen();
        [$share, $secret] = $this->shares->make($id, $mayNote, $days);

        return JsonReply::of(['share' => self::sent($share), 'link' => $address.'/shared#'.$secret], Response::HTTP_CREATED);
    }

    #[Route('/{share}', methods: ['DELETE'])]
    #[OA\Delete(path: '/api/plans/{id}/shares/{share}', operationId: 'endShare', summary: 'End a link, for those too who have come by it')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'share', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 204, description: 'Ended')]
    #[ProblemResponse(404, 'No such plan or link')]
    public function end(string $id, string $share): Response
    {
        $this->shares->end($id, $share);

        return new Response('', Response::HTTP_NO_CONTENT);
    }

    /** @return array{id: string, may_note: bool, expires_at: string} */
    private static function sent(Share $share): array
    {
        return ['id' => $share->id, 'may_note' => $share->mayNote, 'expires_at' => $share->expiresAt->format(\DATE_ATOM)];
    }
}
