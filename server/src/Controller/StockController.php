<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Search\Watch;
use YardCask\Core\Stage\Tanks\Stock\StockOffer;
use YardCask\Core\Stage\Tanks\Stock\StockPairs;
use YardCask\Core\Stage\Tanks\Stock\StockSearch;
use YardCask\Server\Catalogue\CatalogueFiles;
use YardCask\Server\Entity\OwnTank;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\OpenApi\PlanRequest;
use YardCask\Server\OpenApi\ProblemResponse;
use YardCask\Server\OpenApi\SearchResponse;
use YardCask\Server\Search\Searches;
use YardCask\Server\Storage\OwnTanks;

/** Which tanks that can be had would fit a plan, and what it would come to with them. */
final readonly class StockController
{
    public function __construct(
        private OwnTanks $own,
        private Searches $searches,
    ) {
    }

    #[Route('/api/stock', methods: ['POST'])]
    #[OA\Post(path: '/api/stock', operationId: 'searchStock', summary: 'Try every tank that can be had in every bay of a plan')]
    #[OA\Parameter(
        name: 'replace',
        in: 'query',
        required: false,
        description: 'The id of the tank in whose place it is to go; without it one is added',
        schema: new OA\Schema(type: 'string'),
    )]
    #[OA\Parameter(name: 'pairs', in: 'query', required: false, description: 'Pairs instead of single tanks', schema: new OA\Schema(type: 'boolean'))]
    #[OA\Parameter(
        name: 'search',
        in: 'query',
        required: false,
        description: 'What the page calls this search, to stop it',
        schema: new OA\Schema(type: 'string'),
    )]
    #[PlanRequest]
    #[SearchResponse(new OA\Schema(ref: 'stock-offer.schema.json'), 'What fits, and what does not')]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function __invoke(Request $request, CatalogueFiles $files): Response
    {
        $plan = Plan::read(JsonBody::read($request));
        $asked = $request->query->all();
        $replace = \is_string($asked['replace'] ?? null) ? $asked['replace'] : null;
        $search = 'true' === ($asked['pairs'] ?? null) ? StockPairs::over(...) : StockSearch::over(...);

        $own = array_map(static fn (OwnTank $one): StockTank => $one->tank(), $this->own->all());
        $stock = [...$own, ...$files->tankStock()];
        $parts = $files->partStock();

        return $this->searches->reply($request, static fn (Watch $watch): StockOffer => $search($plan, $stock, $replace, $parts, $watch));
    }
}
