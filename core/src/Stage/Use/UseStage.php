<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Assessment\Answer;
use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Assessment\Workings;

/** Who travels, how, for how long, and what the water is for. */
final class UseStage implements Stage
{
    public function name(): string
    {
        return 'use';
    }

    public function title(): string
    {
        return 'Use';
    }

    public function addFigures(Workings $workings, FigureSheet $figures): void
    {
        UseFigures::add($workings, $figures);
    }

    public function answer(Workings $workings, FigureSheet $figures): Answer
    {
        return UseAnswer::of($workings);
    }

    public function drawing(Workings $workings, bool $looked): UseDrawing
    {
        return UseDrawing::of($workings);
    }

    public function cautions(Workings $workings): array
    {
        return [
            'What these litres are for must stay wholesome: use materials approved for drinking water, and test or treat water from an unknown source. The local health authority has the last word.',
            'Used water does harm on the ground and in streams: empty it where the site or the local authority allows it.',
        ];
    }

    public function additions(Workings $workings): array
    {
        return [];
    }

    public function rules(): array
    {
        return [new Rule\UseShort(), new Rule\DrinkingMissing(), new Rule\DrinkingShort(), new Rule\DrainMissing(), new Rule\DrainsOutside(), new Rule\CanEnough()];
    }

    public function findingCodes(): string
    {
        return UseFinding::class;
    }

    public function glass(Workings $workings, FigureSheet $figures, array $findings): array
    {
        return UseGlass::cells($workings, $figures, $findings);
    }
}
