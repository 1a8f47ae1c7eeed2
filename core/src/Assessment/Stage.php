<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Words\Phrase;

/** A stage of the work: everything that it says about a plan. */
interface Stage
{
    /** As it stands in paths and in the codes of its findings: `load`. */
    public function name(): string;

    /** The key of its title. */
    public function title(): string;

    /** @return list<string> the sections of the plan on which its figures and findings depend, besides what was recorded: see StageWorkings */
    public function sections(): array;

    public function addFigures(Workings $workings, FigureSheet $figures): void;

    /**
     * Once the figures of all stages are there.
     *
     * @param list<Finding> $findings of all stages, worst first
     */
    public function answer(Workings $workings, FigureSheet $figures, array $findings): Answer;

    /** @param bool $looked whether this stage is looked at: what only it shows is left out otherwise */
    public function drawing(Workings $workings, bool $looked): Drawing;

    /** Whether there is anything to judge; what is not begun is never clear. */
    public function isBegun(Workings $workings): bool;

    /** @return list<Phrase> what can hurt someone here, and who has the last word */
    public function cautions(Workings $workings): array;

    /** @return list<Fix> parts that can be added here, each a patch of its own */
    public function additions(Workings $workings): array;

    /** @return list<Phrase> what the plan still guesses here, most significant first; an earlier stage’s guesses matter more */
    public function toMeasure(Workings $workings): array;

    /** @return list<Rule> those that depend on the plan alone */
    public function rules(): array;

    /** @return list<Rule> those that depend on what was recorded of the plan in use: their findings are looked for each time, and never kept */
    public function recordRules(): array;

    /** @return class-string<FindingCode> the enum of what its rules find */
    public function findingCodes(): string;

    /**
     * @param list<Finding> $findings of all stages, worst first
     *
     * @return list<GlassCell>
     */
    public function glass(Workings $workings, FigureSheet $figures, array $findings): array;
}
