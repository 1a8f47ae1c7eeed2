<?php

declare(strict_types=1);

namespace YardCask\Server\OpenApi;

use OpenApi\Attributes as OA;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Server\Access\Level;
use YardCask\Server\Entity\RevisionOrigin;

/** The parts of the API's description that several routes share. */
#[OA\Info(
    version: '1',
    title: 'Yard Cask',
    description: 'Plans the fresh-water supply of a van, bus, trailer or boat. Errors are problem documents (RFC 9457).',
)]
#[OA\Schema(schema: 'PlanSummary', required: ['id', 'name', 'revision', 'updated_at', 'note'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'revision', type: 'integer'),
    new OA\Property(property: 'updated_at', type: 'string', format: 'date-time'),
    new OA\Property(property: 'note', ref: 'shelf-note.schema.json'),
])]
#[OA\Schema(schema: 'SavedPlan', required: ['id', 'revision', 'saved_at', 'plan'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'revision', type: 'integer'),
    new OA\Property(property: 'saved_at', type: 'string', format: 'date-time'),
    new OA\Property(property: 'plan', ref: 'plan.schema.json'),
])]
#[OA\Schema(schema: 'RevisionPage', required: ['revisions', 'before'], properties: [
    new OA\Property(property: 'revisions', type: 'array', items: new OA\Items(required: ['number', 'saved_at', 'origin', 'what', 'device'], properties: [
        new OA\Property(property: 'number', type: 'integer'),
        new OA\Property(property: 'saved_at', type: 'string', format: 'date-time'),
        new OA\Property(property: 'origin', type: 'string', enum: RevisionOrigin::class),
        new OA\Property(property: 'what', description: 'How it came about and what changed against the one before it, in words', type: 'string'),
        new OA\Property(property: 'device', description: 'Its name; null for the machine that serves it', type: 'string', nullable: true),
        new OA\Property(property: 'name', type: 'string'),
    ], type: 'object')),
    new OA\Property(property: 'before', description: 'Where the next page begins; null when this is the last', type: 'integer', nullable: true),
])]
#[OA\Schema(schema: 'FirstAnswers', required: ['crew', 'stay', 'habit', 'days', 'rig'], properties: [
    new OA\Property(property: 'name', type: 'string', maxLength: 80),
    new OA\Property(
        property: 'crew',
        description: 'A number from 1 to 60, or as typed: “three”',
        oneOf: [new OA\Schema(type: 'number', maximum: 60, minimum: 1), new OA\Schema(type: 'string', maxLength: 80)],
    ),
    new OA\Property(property: 'stay', type: 'string', enum: ['sites', 'mixed', 'wild']),
    new OA\Property(property: 'habit', type: 'string', enum: ['frugal', 'ordinary', 'generous']),
    new OA\Property(
        property: 'days',
        description: 'Days from 0.25 to 120, or as typed: “a week”',
        oneOf: [new OA\Schema(type: 'number', maximum: 120, minimum: 0.25), new OA\Schema(type: 'string', maxLength: 80)],
    ),
    new OA\Property(property: 'rig', type: 'string'),
    new OA\Property(property: 'system', description: 'How the line is made; that of the rig without it', type: 'string', enum: SystemType::class),
    new OA\Property(property: 'volume', type: 'string'),
    new OA\Property(property: 'length', type: 'string'),
    new OA\Property(property: 'mass', type: 'string'),
])]
#[OA\Schema(schema: 'HabitAmounts', required: ['times'], properties: [
    new OA\Property(property: 'litres', type: 'number'),
    new OA\Property(property: 'flow_lpm', type: 'number'),
    new OA\Property(property: 'minutes', type: 'number'),
    new OA\Property(property: 'times', type: 'number'),
])]
#[OA\Schema(schema: 'Habit', required: ['habit', 'name', 'each', 'per', 'supply', 'drains_to', 'spread', 'usual', 'levels'], properties: [
    new OA\Property(property: 'habit', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'each', type: 'string', enum: ['person', 'rig']),
    new OA\Property(property: 'per', type: 'string', enum: ['day', 'stay']),
    new OA\Property(property: 'supply', type: 'string', enum: ['main', 'drinking']),
    new OA\Property(property: 'drains_to', type: 'string'),
    new OA\Property(property: 'spread', type: 'number'),
    new OA\Property(property: 'usual', type: 'boolean'),
    new OA\Property(property: 'levels', required: ['frugal', 'ordinary', 'generous'], properties: [
        new OA\Property(property: 'frugal', ref: '#/components/schemas/HabitAmounts'),
        new OA\Property(property: 'ordinary', ref: '#/components/schemas/HabitAmounts'),
        new OA\Property(property: 'generous', ref: '#/components/schemas/HabitAmounts'),
    ], type: 'object'),
])]
#[OA\Schema(schema: 'Option', required: ['value', 'text'], properties: [
    new OA\Property(property: 'value', type: 'string'),
    new OA\Property(property: 'text', type: 'string'),
])]
#[OA\Schema(schema: 'Catalogue', required: ['rigs', 'habits', 'choices', 'levels'], properties: [
    new OA\Property(property: 'rigs', type: 'array', items: new OA\Items(required: ['id', 'label', 'about', 'system'], properties: [
        new OA\Property(property: 'system', type: 'string'),
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'label', type: 'string'),
        new OA\Property(property: 'about', type: 'string'),
    ], type: 'object')),
    new OA\Property(property: 'habits', type: 'array', items: new OA\Items(ref: '#/components/schemas/Habit')),
    new OA\Property(property: 'choices', description: 'By JSON Pointer, with * for a list index', type: 'object',
        additionalProperties: new OA\AdditionalProperties(required: [
            'label', 'group', 'options',
        ], properties: [
            new OA\Property(property: 'label', type: 'string'),
            new OA\Property(property: 'group', description: 'The heading under which it is shown', type: 'string'),
            new OA\Property(property: 'options', type: 'array', items: new OA\Items(ref: '#/components/schemas/Option')),
        ], type: 'object')),
    new OA\Property(property: 'levels', type: 'array', items: new OA\Items(ref: '#/components/schemas/Option')),
])]
#[OA\Schema(schema: 'Who', required: ['may', 'here', 'device', 'plan', 'address', 'trust'], properties: [
    new OA\Property(property: 'may', description: 'The most that it may do', type: 'string', enum: Level::class),
    new OA\Property(property: 'here', description: 'Whether it asks from the machine that serves this', type: 'boolean'),
    new OA\Property(property: 'device', description: 'Its name; null for that machine, and for nobody', type: 'string', nullable: true),
    new OA\Property(property: 'plan', description: 'The plan that a link leads to: the only one for whoever has nothing else', type: 'string', nullable: true),
    new OA\Property(property: 'address', description: 'At which other devices find this; null where they cannot', type: 'string', nullable: true),
    new OA\Property(property: 'trust', description: 'Where they read how to trust it; null where every browser does', type: 'string', nullable: true),
])]
#[OA\Schema(schema: 'Share', required: ['id', 'may_note', 'expires_at'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'may_note', type: 'boolean'),
    new OA\Property(property: 'expires_at', type: 'string', format: 'date-time'),
])]
#[OA\Schema(schema: 'Problem', required: ['type', 'title', 'status', 'detail'], properties: [
    new OA\Property(property: 'type', type: 'string'),
    new OA\Property(property: 'title', type: 'string'),
    new OA\Property(property: 'status', type: 'integer'),
    new OA\Property(property: 'detail', type: 'string'),
    new OA\Property(property: 'violations', type: 'array', items: new OA\Items(required: ['pointer', 'message'], properties: [
        new OA\Property(property: 'pointer', type: 'string'),
        new OA\Property(property: 'message', type: 'string'),
        new OA\Property(property: 'choices', type: 'array', items: new OA\Items(type: 'string')),
    ], type: 'object')),
    new OA\Property(property: 'passphrase', description: 'Whether giving the passphrase again would do', type: 'boolean'),
    new OA\Property(property: 'more_violations', description: 'How many there are beyond those that are listed', type: 'integer'),
    new OA\Property(property: 'current', required: ['revision', 'plan'], properties: [
        new OA\Property(property: 'revision', type: 'integer'),
        new OA\Property(property: 'plan', ref: 'plan.schema.json'),
    ], type: 'object'),
])]
final class Components
{
}
