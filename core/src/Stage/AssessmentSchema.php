<?php

declare(strict_types=1);

namespace YardCask\Core\Stage;

use YardCask\Core\Assessment\Assessment;
use YardCask\Core\Assessment\StageSheet;
use YardCask\Core\Output\SentSchema;

/** The JSON Schema of an assessment: its classes', with each stage's own drawing. */
final class AssessmentSchema
{
    /** @return array<string, mixed> */
    public static function document(): array
    {
        $stages = [];
        foreach (Assessor::stages() as $stage) {
            $type = (new \ReflectionMethod($stage, 'drawing'))->getReturnType();
            $drawing = $type instanceof \ReflectionNamedType ? $type->getName() : '';
            if (!class_exists($drawing)) {
                throw new \LogicException($stage::class.' does not say what it draws.');
            }
            $sheet = SentSchema::of(StageSheet::class);
            $sheet['properties']['drawing'] = SentSchema::of($drawing);
            $stages[$stage->name()] = $sheet;
        }
        $assessment = SentSchema::of(Assessment::class);
        $assessment['properties']['format'] = ['const' => Assessment::FORMAT];
        $assessment['properties']['version'] = ['const' => Assessment::VERSION];
        $assessment['properties']['stages'] = ['type' => 'object', 'properties' => $stages, 'required' => array_keys($stages), 'additionalProperties' => false];

        return ['$schema' => 'https://json-schema.org/draft/2020-12/schema', 'title' => 'Yard Cask assessment', 'description' => 'Everything that can be said about a plan.'] + $assessment;
    }
}
