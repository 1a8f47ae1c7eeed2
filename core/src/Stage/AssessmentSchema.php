<?php

declare(strict_types=1);

namespace YardCask\Core\Stage;

use YardCask\Core\Assessment\Assessment;
use YardCask\Core\Assessment\BookPage;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Assessment\StageDrawing;
use YardCask\Core\Assessment\StageSheet;
use YardCask\Core\Output\Schema;
use YardCask\Core\Words\Phrasebook;

/** The JSON Schema of an assessment, and of a stage drawn whole: their classes', with each stage's own drawing. */
final class AssessmentSchema
{
    /** @return array<string, mixed> */
    public static function document(): array
    {
        $stages = [];
        foreach (Assessor::stages() as $stage) {
            $sheet = Schema::of(StageSheet::class);
            $sheet['properties']['drawing'] = self::drawingOf($stage);
            $stages[$stage->name()] = $sheet;
        }
        $assessment = Schema::of(Assessment::class);
        $assessment['properties']['format'] = ['const' => Assessment::FORMAT];
        $assessment['properties']['version'] = ['const' => Assessment::VERSION];
        $assessment['properties']['stages'] = Schema::object($stages, array_keys($stages));

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => Phrasebook::english()->fill('frame.schema.assessment', []),
        ] + $assessment;
    }

    /** @return array<string, mixed> of a stage that is looked at */
    public static function drawn(): array
    {
        $drawn = Schema::of(StageDrawing::class);
        $drawn['properties']['drawing'] = ['oneOf' => array_map(self::drawingOf(...), Assessor::stages())];

        return ['$schema' => 'https://json-schema.org/draft/2020-12/schema', 'title' => Phrasebook::english()->fill('frame.schema.drawing', [])] + $drawn;
    }

    /** @return array<string, mixed> of a stage on paper */
    public static function page(): array
    {
        $page = Schema::of(BookPage::class);
        $page['properties']['drawing'] = ['oneOf' => array_map(self::drawingOf(...), Assessor::stages())];

        return ['$schema' => 'https://json-schema.org/draft/2020-12/schema', 'title' => Phrasebook::english()->fill('frame.schema.page', [])] + $page;
    }

    /** @return array<string, mixed> */
    private static function drawingOf(Stage $stage): array
    {
        $type = (new \ReflectionMethod($stage, 'drawing'))->getReturnType();
        $drawing = $type instanceof \ReflectionNamedType ? $type->getName() : '';

        return class_exists($drawing) ? Schema::of($drawing) : throw new \LogicException($stage::class.' does not say what it draws.');
    }
}
