<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Server\Entity\OwnTank;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\Storage\OwnTanks;

/** Tanks of the user's own: kept out of a plan, tried with those of the catalogue. */
final readonly class OwnTankController
{
    private const MOST_PRICE = 100000.0;

    public function __construct(private OwnTanks $tanks)
    {
    }

    #[Route('/api/own-tanks', methods: ['GET'])]
    #[OA\Get(path: '/api/own-tanks', operationId: 'ownTanks', summary: 'The tanks of your own')]
    #[OA\Response(response: 200, description: 'By their names', content: new OA\JsonContent(required: ['tanks'], properties: [new OA\Property(property: 'tanks', type: 'array', items: new OA\Items(required: ['id', 'name'], properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string')], type: 'object'))]))]
    public function all(): Response
    {
        return JsonReply::of(['tanks' => array_map(self::summary(...), $this->tanks->all())]);
    }

    #[Route('/api/own-tanks', methods: ['POST'])]
    #[OA\Post(path: '/api/own-tanks', operationId: 'keepOwnTank', summary: 'Keep a tank of a plan among your own')]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['tank', 'plan'], properties: [new OA\Property(property: 'tank', description: 'Its id in the plan', type: 'string'), new OA\Property(property: 'price', description: 'Of no currency', type: 'number'), new OA\Property(property: 'plan', ref: 'plan.schema.json')]))]
    #[OA\Response(response: 201, description: 'Kept', content: new OA\JsonContent(required: ['id', 'name'], properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string')]))]
    #[OA\Response(response: 422, description: 'Not a valid plan, or no such tank in it', content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: '#/components/schemas/Problem')))]
    public function keep(Request $request): Response
    {
        $body = JsonBody::read($request);
        $body = $body instanceof \stdClass ? $body : new \stdClass();
        $plan = Plan::read($body->plan ?? null);
        $price = $body->price ?? 0;
        if (!\is_int($price) && !\is_float($price) || $price < 0 || $price > self::MOST_PRICE) {
            throw InvalidInput::at('/price', \sprintf('A price from 0 to %d is wanted here.', self::MOST_PRICE));
        }
        foreach ($plan->tanks as $tank) {
            if ($tank->id === ($body->tank ?? null)) {
                return JsonReply::of(self::summary($this->tanks->keep(StockTank::like($tank, (float) $price))), Response::HTTP_CREATED);
            }
        }
        throw InvalidInput::at('/tank', 'There is no tank of that id in the plan.');
    }

    #[Route('/api/own-tanks/{id}', requirements: ['id' => '[0-9a-f]{12}'], methods: ['DELETE'])]
    #[OA\Delete(path: '/api/own-tanks/{id}', operationId: 'removeOwnTank', summary: 'Keep it no longer')]
    #[OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 204, description: 'Gone, or never there')]
    public function remove(string $id): Response
    {
        $this->tanks->remove($id);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** @return array{id: string, name: string} */
    private static function summary(OwnTank $own): array
    {
        return ['id' => $own->id, 'name' => $own->name];
    }
}
