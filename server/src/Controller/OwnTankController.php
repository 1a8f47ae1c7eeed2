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
use YardCask\Server\OpenApi\ProblemResponse;
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
    #[OA\Response(
        response: 200,
        description: 'By their names',
        content: new OA\JsonContent(
            required: ['tanks'],
            properties: [
                new OA\Property(
                    property: 'tanks',
                    type: 'array',
                    items: new OA\Items(
                        required: ['id', 'name'],
                        properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string')],
                        type: 'object',
                    ),
                ),
            ],
        ),
    )]
    public function all(): Response
    {
        return JsonReply::of(['tanks' => array_map(self::summary(...), $this->tanks->all())]);
    }

    #[Route('/api/own-tanks', methods: ['POST'])]
    #[OA\Post(path: '/api/own-tanks', operationId: 'keepOwnTank', summary: 'Keep a tank of a plan among your own')]
    #[OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['tank', 'plan'],
            properties: [
                new OA\Property(property: 'tank', description: 'Its id in the plan', type: 'string'),
                new OA\Property(property: 'price', description: 'As it was typed, of no currency; empty where nobody knows it', type: 'string'),
                new OA\Property(property: 'plan', ref: 'plan.schema.json'),
            ],
        ),
    )]
    #[OA\Response(
        response: 201,
        description: 'Kept',
        content: new OA\JsonContent(
            required: ['id', 'name'],
            properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string')],
        ),
    )]
    #[ProblemResponse(422, 'Not a valid plan, or no such tank in it')]
    public function keep(Request $request): Response
    {
        $body = JsonBody::read($request);
        $body = $body instanceof \stdClass ? $body : new \stdClass();
        $plan = Plan::read($body->plan ?? null);
        $price = self::price($body->price ?? 0);
        foreach ($plan->tanks as $tank) {
            if ($tank->id === ($body->tank ?? null)) {
                return JsonReply::of(self::summary($this->tanks->keep(StockTank::like($tank, $price))), Response::HTTP_CREATED);
            }
        }
        throw InvalidInput::at('/tank', 'That tank is no longer in the plan.');
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

    /** A number, or the text of one with a point or a comma. */
    private static function price(mixed $price): float
    {
        $text = \is_string($price) ? str_replace(',', '.', trim($price)) : $price;
        $number = '' === $text ? 0 : $text;
        if (!is_numeric($number) || $number < 0 || $number > self::MOST_PRICE) {
            throw InvalidInput::at(
                '/price',
                \sprintf(
                    '%s is not a price. Enter a number from 0 to %d, for example 149.',
                    \is_string($price) ? '“'.$price.'”' : 'That',
                    self::MOST_PRICE,
                ),
            );
        }

        return (float) $number;
    }

    /** @return array{id: string, name: string} */
    private static function summary(OwnTank $own): array
    {
        return ['id' => $own->id, 'name' => $own->name];
    }
}
