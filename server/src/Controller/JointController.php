<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Calculator\CalculatorName;
use YardCask\Core\Joint\EndForm;
use YardCask\Core\Joint\Fit;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\QuantityParser;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Quantity\UnreadableQuantity;
use YardCask\Core\Stage\Parts\Edit\EndEdit;
use YardCask\Core\Stage\Parts\Edit\EndSide;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\OpenApi\PatchResponse;
use YardCask\Server\OpenApi\ProblemResponse;
use YardCask\Server\Problem\Problem;

/** What joins this to that, and what an end is that somebody has measured: apart from any plan. */
final readonly class JointController
{
    #[Route('/api/ends', methods: ['GET'])]
    #[OA\Get(path: '/api/ends', operationId: 'endForms', summary: 'What has to be said of an end, by its system')]
    #[OA\Response(response: 200, description: 'Every system', content: new OA\JsonContent(required: ['systems'], properties: [
        new OA\Property(property: 'systems', type: 'array', items: new OA\Items(ref: 'end-form.schema.json')),
    ]))]
    public function forms(): Response
    {
        return JsonReply::of(['systems' => EndForm::all()]);
    }

    #[Route('/api/joint', methods: ['POST'])]
    #[OA\Post(path: '/api/joint', operationId: 'judgeJoint', summary: 'Whether two ends go together; lengths are in mm, or as typed')]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['a', 'b'], properties: [
        new OA\Property(property: 'a', type: 'object', additionalProperties: true),
        new OA\Property(property: 'b', type: 'object', additionalProperties: true),
        new OA\Property(property: 'pressure', type: 'boolean'),
    ]))]
    #[OA\Response(
        response: 200,
        description: 'What comes of it',
        content: new OA\JsonContent(required: ['fit', 'with', 'why', 'gap_mm', 'source'], properties: [
            new OA\Property(property: 'fit', type: 'string', enum: Fit::class),
            new OA\Property(property: 'with', description: 'What makes it tight', type: 'string', nullable: true),
            new OA\Property(property: 'why', type: 'string'),
            new OA\Property(property: 'gap_mm', type: 'number', nullable: true),
            new OA\Property(property: 'source', type: 'string'),
        ]),
    )]
    #[ProblemResponse(422, 'Not two ends')]
    public function judge(Request $request): Response
    {
        $body = JsonBody::read($request);
        foreach (['a', 'b'] as $key) {
            if ($body instanceof \stdClass && ($body->{$key} ?? null) instanceof \stdClass) {
                $body->{$key} = self::measured($body->{$key}, '/'.$key);
            }
        }

        return JsonReply::of(CalculatorName::Joint->calculate($body));
    }

    #[Route('/api/ends', methods: ['POST'])]
    #[OA\Post(path: '/api/ends', operationId: 'findEnd', summary: 'What an end is that was measured; lengths are in mm, or as typed')]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object', additionalProperties: true))]
    #[OA\Response(response: 200, description: 'What it may be, the likeliest first', content: new OA\JsonContent(required: ['candidates'], properties: [
        new OA\Property(property: 'candidates', type: 'array', items: new OA\Items(required: ['name', 'off_mm', 'tell'], properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'off_mm', type: 'number'),
            new OA\Property(property: 'off_tpi', type: 'number', nullable: true),
            new OA\Property(property: 'tell', description: 'What tells it from the next', type: 'string'),
        ], type: 'object')),
    ]))]
    #[ProblemResponse(422, 'Nothing that was measured')]
    public function find(Request $request): Response
    {
        $body = JsonBody::read($request);

        return JsonReply::of(CalculatorName::Ends->calculate($body instanceof \stdClass ? self::measured($body, '') : $body));
    }

    #[Route('/api/joint-ends', methods: ['POST'])]
    #[OA\Post(path: '/api/joint-ends', operationId: 'sayEnd', summary: 'What an end of a joint is, as a JSON Patch; lengths are in mm, or as typed')]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['edit', 'plan'], properties: [
        new OA\Property(
            property: 'edit',
            description: 'For example {"joint": "pipe-3.from", "side": "port", "end": {"system": "barb", "outer_mm": 13.8}}',
            required: ['joint', 'side', 'end'],
            properties: [
                new OA\Property(property: 'joint', type: 'string'),
                new OA\Property(property: 'side', type: 'string', enum: EndSide::class),
                new OA\Property(property: 'end', type: 'object', additionalProperties: true),
            ],
            type: 'object',
        ),
        new OA\Property(property: 'plan', ref: 'plan.schema.json'),
    ]))]
    #[PatchResponse('The patch')]
    #[ProblemResponse(422, 'Not an end, or no joint of the plan')]
    public function say(Request $request): Response
    {
        $body = JsonBody::read($request);
        [$edit, $plan] = $body instanceof \stdClass ? [$body->edit ?? null, $body->plan ?? null] : [null, null];
        if ($edit instanceof \stdClass && ($edit->end ?? null) instanceof \stdClass) {
            $edit->end = self::measured($edit->end, '/end');
        }

        return JsonReply::of(['patch' => EndEdit::patch($edit, Plan::read($plan))]);
    }

    /** With every length that was typed as text in mm, and a pitch as a number. */
    private static function measured(\stdClass $end, string $at): \stdClass
    {
        $read = clone $end;
        $parser = new QuantityParser(new UnitPreferences());
        foreach (['outer_mm', 'inner_mm', 'hole_mm', 'pitch_mm', 'pitch_tpi'] as $key) {
            if (\is_string($end->{$key} ?? null)) {
                [$kind, $unit] = 'pitch_tpi' === $key ? [Kind::Count, Unit::One] : [Kind::Length, Unit::Millimetre];
                try {
                    $read->{$key} = $parser->parse($end->{$key}, $kind)->in($unit);
                } catch (UnreadableQuantity $e) {
                    throw Problem::notUnderstood($at.'/'.$key, $e->getMessage(), $e->choices);
                }
            }
        }

        return $read;
    }
}
