<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use Doctrine\DBAL\Connection;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Plan\Spoken\PlanChoices;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Quantity\UnitSpelling;
use YardCask\Core\Start\HabitLevel;
use YardCask\Server\Catalogue\CatalogueFiles;
use YardCask\Server\Http\JsonReply;

/** What does not belong to any plan: the catalogue, the units, and whether all is well. */
final readonly class ReferenceController
{
    #[Route('/api/catalogue', methods: ['GET'])]
    #[OA\Get(
        path: '/api/catalogue',
        operationId: 'readCatalogue',
        summary: 'Rigs and habits that a plan can begin with, and every choice of a plan with its words',
    )]
    #[OA\Response(response: 200, description: 'The catalogue', content: new OA\JsonContent(ref: '#/components/schemas/Catalogue'))]
    public function catalogue(CatalogueFiles $files): Response
    {
        return JsonReply::of($files->raw() + [
            'choices' => PlanChoices::all(),
            'levels' => array_map(static fn (HabitLevel $level): array => ['value' => $level->value, 'text' => $level->word()], HabitLevel::cases()),
        ]);
    }

    #[Route('/api/units', methods: ['GET'])]
    #[OA\Get(path: '/api/units', operationId: 'readUnits', summary: 'The units that can be typed, and the choices that a plan has')]
    #[OA\Response(response: 200, description: 'The units', content: new OA\JsonContent(required: ['choices', 'units'], properties: [
        new OA\Property(
            property: 'choices',
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')),
        ),
        new OA\Property(
            property: 'units',
            type: 'array',
            items: new OA\Items(
                required: ['symbol', 'kind', 'spellings'],
                properties: [
                    new OA\Property(property: 'symbol', type: 'string'),
                    new OA\Property(property: 'kind', type: 'string'),
                    new OA\Property(property: 'spellings', type: 'array', items: new OA\Items(type: 'string')),
                ],
                type: 'object',
            ),
        ),
    ]))]
    public function units(): Response
    {
        return JsonReply::of([
            'choices' => UnitPreferences::CHOICES,
            'units' => array_map(
                static fn (Unit $unit): array => ['symbol' => $unit->value, 'kind' => $unit->kind(), 'spellings' => UnitSpelling::of($unit)],
                Unit::cases(),
            ),
        ]);
    }

    #[Route('/api/health', methods: ['GET'])]
    #[OA\Get(path: '/api/health', operationId: 'health', summary: 'Whether the server and its database answer')]
    #[OA\Response(
        response: 200,
        description: 'All is well',
        content: new OA\JsonContent(required: ['status'], properties: [new OA\Property(property: 'status', type: 'string')]),
    )]
    public function health(Connection $database): Response
    {
        $database->executeQuery('SELECT 1');

        return JsonReply::of(['status' => 'well']);
    }

    #[Route('/api/nothing', methods: ['GET', 'POST'])]
    #[OA\Get(path: '/api/nothing', operationId: 'nothing', summary: 'An empty answer, to measure others against')]
    #[OA\Response(response: 200, description: 'Nothing', content: new OA\JsonContent(type: 'object'))]
    public function nothing(): Response
    {
        return JsonReply::of(new \stdClass());
    }
}
