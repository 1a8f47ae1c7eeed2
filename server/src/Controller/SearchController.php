<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Server\Search\StopFlag;

/** Has a search end with what it has found so far. */
final readonly class SearchController
{
    public function __construct(private StopFlag $flag)
    {
    }

    #[Route('/api/searches/{search}/stop', requirements: ['search' => StopFlag::SYNTAX], methods: ['POST'])]
    #[OA\Post(path: '/api/searches/{search}/stop', operationId: 'stopSearch', summary: 'Have a search answer with what it has found so far')]
    #[OA\Parameter(name: 'search', in: 'path', required: true, description: 'What the page called it', schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 204, description: 'It ends; or it had ended')]
    public function __invoke(string $search): Response
    {
        $this->flag->raise($search);

        return new Response(status: 204);
    }
}
