<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts;

use YardCask\Core\Assessment\Answer;
use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\GlassCell;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Parts\Drawing\PartsDrawing;
use YardCask\Core\Stage\Parts\Joints\JointSummary;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Stage\Parts\Joints\Verdict;
use YardCask\Core\Words\Phrase;

/** What joins what, and what has to be bought. */
final class PartsStage implements Stage
{
    private const MOST_TO_MEASURE = 12;

    public function name(): string
    {
        return 'parts';
    }

    public function title(): string
    {
        return 'parts.title';
    }

    public function sections(): array
    {
        return ['units', 'rig', 'things', 'bays', 'tanks', 'runs', 'line'];
    }

    public function addFigures(Workings $workings, FigureSheet $figures): void
    {
        PartsFigures::add($workings, $figures);
    }

    public function answer(Workings $workings, FigureSheet $figures, array $findings): Answer
    {
        return PartsAnswer::of($workings, $findings);
    }

    public function drawing(Workings $workings, bool $looked): PartsDrawing
    {
        return PartsDrawing::of($workings, $looked);
    }

    public function isBegun(Workings $workings): bool
    {
        return $workings->of(JointSummary::class)->all() > 0;
    }

    public function cautions(Workings $workings): array
    {
        return [new Phrase('parts.caution.joints')];
    }

    public function additions(Workings $workings): array
    {
        return [];
    }

    public function toMeasure(Workings $workings): array
    {
        return array_map(
            static fn (JudgedJoint $one): Phrase => new Phrase('parts.to-measure', ['at' => $one->at]),
            \array_slice($workings->of(PlanJoints::class)->that(Verdict::Unmeasured), 0, self::MOST_TO_MEASURE),
        );
    }

    public function rules(): array
    {
        return [
            new Rule\AdaptersWeak(),
            new Rule\AdaptersNotForDrinking(),
            new Rule\EndsApart(),
            new Rule\JointsLeak(),
            new Rule\EndsUnmeasured(),
            new Rule\ClampShakes(),
            new Rule\MetalInPlastic(),
            new Rule\HolesCrowded(),
            new Rule\FittingsCramped(),
            new Rule\PortsOutOfReach(),
            new Rule\PipesUnheld(),
            new Rule\ManyMethods(),
            new Rule\LengthsAssumed(),
        ];
    }

    public function recordRules(): array
    {
        return [new Rule\BoughtInstead(), new Rule\BoughtSpare()];
    }

    public function findingCodes(): string
    {
        return PartsFinding::class;
    }

    public function glass(Workings $workings, FigureSheet $figures, array $findings): array
    {
        $joints = $workings->of(JointSummary::class);
        if (0 === $joints->all()) {
            return [];
        }
        $figure = $figures->get('parts.tight');

        return [new GlassCell(
            figureId: $figure->id,
            stage: $this->name(),
            label: $workings->wording->text('parts.glass'),
            figure: $figure->figure,
            symbol: $figure->symbol,
            beside: $workings->wording->text('parts.glass.beside', ['joints' => $joints->all()]),
            severity: Severity::worstOf($findings, 'parts.'),
            level: $joints->count(Verdict::Tight) / $joints->all(),
        )];
    }
}
