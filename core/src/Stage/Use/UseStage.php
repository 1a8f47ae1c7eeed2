<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Assessment\Answer;
use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Line\Shared\OutletFlows;
use YardCask\Core\Stage\Line\Shared\TapReach;
use YardCask\Core\Stage\Use\Drawing\UseDrawing;
use YardCask\Core\Words\Phrase;

/** Who travels, how, for how long, and what the water is for. */
final class UseStage implements Stage
{
    public function name(): string
    {
        return 'use';
    }

    public function title(): string
    {
        return 'use.title';
    }

    public function sections(): array
    {
        return ['units', 'use', 'rig', 'filling', 'tanks', 'part_names', TapReach::class, OutletFlows::class];
    }

    public function addFigures(Workings $workings, FigureSheet $figures): void
    {
        UseFigures::add($workings, $figures);
    }

    public function answer(Workings $workings, FigureSheet $figures, array $findings): Answer
    {
        return UseAnswer::of($workings);
    }

    public function drawing(Workings $workings, bool $looked): UseDrawing
    {
        return UseDrawing::of($workings);
    }

    public function isBegun(Workings $workings): bool
    {
        return true;
    }

    public function cautions(Workings $workings): array
    {
        return [
            new Phrase('use.caution.wholesome'),
            new Phrase('use.caution.used-water'),
        ];
    }

    public function additions(Workings $workings): array
    {
        return [];
    }

    public function toMeasure(Workings $workings): array
    {
        return [];
    }

    public function rules(): array
    {
        return [
            new Rule\UseShort(),
            new Rule\DrinkingMissing(),
            new Rule\DrinkingShort(),
            new Rule\ShowerMissing(),
            new Rule\FlowDiffers(),
            new Rule\OutletMissing(),
            new Rule\DrainMissing(),
            new Rule\DrainsOutside(),
            new Rule\CanEnough(),
        ];
    }

    public function recordRules(): array
    {
        return [new Rule\NoteOrphaned(), new Rule\NoteAhead()];
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
