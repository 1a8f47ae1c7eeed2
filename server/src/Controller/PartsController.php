<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Parts\Drilling\FaceTemplate;
use YardCask\Core\Stage\Parts\Shopping\ShoppingCsv;
use YardCask\Server\Http\AskedRecords;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\OpenApi\ListResponse;
use YardCask\Server\OpenApi\PlanRequest;
use YardCask\Server\OpenApi\ProblemResponse;
use YardCask\Server\OpenApi\RecordedParameter;
use YardCask\Server\Storage\OwnParts;
use YardCask\Server\Templates\TemplatePdf;

/** What the Parts stage gives out to be taken along. */
final readonly class PartsController
{
    public function __construct(
        private OwnParts $parts,
        private AskedRecords $records,
    ) {
    }

    #[Route('/api/shopping.csv', methods: ['POST'])]
    #[OA\Post(path: '/api/shopping.csv', operationId: 'shoppingAsCsv', summary: 'Everything that a plan needs, as a table')]
    #[RecordedParameter]
    #[PlanRequest]
    #[OA\Response(response: 200, description: 'The table', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function shopping(Request $request): Response
    {
        $csv = ShoppingCsv::write(Plan::read(JsonBody::read($request)), $this->parts->stock(), $this->records->of($request));

        return new Response($csv, headers: ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="shopping.csv"']);
    }

    #[Route('/api/shopping-table', methods: ['POST'])]
    #[OA\Post(path: '/api/shopping-table', operationId: 'readShopping', summary: 'What a table of the shopping list says of buying; nothing is kept')]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(
        required: ['text'],
        properties: [new OA\Property(property: 'text', description: 'With a heading, as /api/shopping.csv gives it', type: 'string')],
    ))]
    #[ListResponse('purchases', 'purchased.schema.json', 'Of every line on which something is said')]
    #[ProblemResponse(422, 'Not such a table')]
    public function read(Request $request): Response
    {
        $body = JsonBody::read($request);
        $text = $body instanceof \stdClass ? $body->text ?? null : null;

        return JsonReply::of([
            'purchases' => ShoppingCsv::read(\is_string($text) ? $text : throw InvalidInput::at('/text', 'A table is wanted here.')),
        ]);
    }

    #[Route('/api/templates.pdf', methods: ['POST'])]
    #[OA\Post(path: '/api/templates.pdf', operationId: 'templatesAsPdf', summary: 'Templates of tanks at true size: on A4, or on letter in a plan in inches')]
    #[PlanRequest]
    #[OA\Response(response: 200, description: 'The sheets', content: new OA\MediaType(
        mediaType: 'application/pdf',
        schema: new OA\Schema(type: 'string', format: 'binary'),
    ))]
    #[ProblemResponse(422, 'Not a valid plan')]
    public function templates(Request $request): Response
    {
        $workings = Workings::over(Plan::read(JsonBody::read($request)), $this->parts->stock());
        $paper = Unit::Inch === $workings->plan->units->length ? 'LETTER' : 'A4';
        $pdf = (new TemplatePdf($workings->wording, $paper))->write(FaceTemplate::all($workings));

        return new Response($pdf, headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'attachment; filename="templates.pdf"']);
    }
}
