<?php

declare(strict_types=1);

namespace YardCask\Core\Stage;

use YardCask\Core\Assessment\Assessment;
use YardCask\Core\Assessment\BookPage;
use YardCask\Core\Assessment\Causes;
use YardCask\Core\Assessment\Figure;
use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\FindingFixes;
use YardCask\Core\Assessment\FixTrial;
use YardCask\Core\Assessment\KeptRules;
use YardCask\Core\Assessment\KeptStage;
use YardCask\Core\Assessment\Memory;
use YardCask\Core\Assessment\NoMemory;
use YardCask\Core\Assessment\Readings;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\SnagCount;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Assessment\StageDrawing;
use YardCask\Core\Assessment\StageSheet;
use YardCask\Core\Assessment\Sum;
use YardCask\Core\Assessment\Valve;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Record\Records;
use YardCask\Core\Search\Unwatched;
use YardCask\Core\Search\Watch;
use YardCask\Core\Stage\Line\Sizing\LineSizing;
use YardCask\Core\Stage\Line\Sizing\SizingOffer;

/** Runs every stage over a plan. This is the list of the stages that there are. */
final class Assessor
{
    /** @return list<Stage> in the order of the work */
    public static function stages(): array
    {
        return [new Use\UseStage(), new Load\LoadStage(), new Tanks\TanksStage(), new Line\LineStage(), new Parts\PartsStage()];
    }

    /**
     * What a plan comes to. Where a stage is named that is all that is judged: how it is drawn whole, what clears its findings, and the
     * sums are asked for by themselves.
     *
     * @param string|null $stage the one that is looked at
     * @param PartStock|null $stock the parts that can be had; without them none are proposed
     * @param string|null $opened the id of what is opened of the line, where a stage is named
     * @param Records|null $records what was recorded of the plan in use
     * @param \DateTimeImmutable|null $at now; null where that is not to matter
     * @param Memory $memory of what was worked out over other plans with the same stock, used where a stage is named
     */
    public static function assess(
        Plan $plan,
        ?string $stage = null,
        ?PartStock $stock = null,
        ?string $opened = null,
        ?Records $records = null,
        ?\DateTimeImmutable $at = null,
        Memory $memory = new NoMemory(),
    ): Assessment {
        $workings = Workings::over($plan, $stock, $records, $at, null === $stage ? new NoMemory() : $memory);
        $wording = $workings->wording;
        $stages = array_map(static fn (Stage $one): Stage => KeptStage::recalled($one, $workings) ?? $one, self::stages());
        $figures = new FigureSheet($wording, null === $stage);
        $ofStages = array_map(static fn (Stage $one): array => self::added($one, $workings, $figures), $stages);
        $findings = self::findings(array_merge(...array_map(static fn (Stage $one): array => KeptRules::of($one, $workings), $stages)), $workings);
        $trial = null === $stage ? new FixTrial($workings, $findings, self::stages()) : null;
        $sheets = [];
        $glass = [];
        foreach ($stages as $index => $one) {
            $codes = $one->findingCodes();
            $own = array_values(array_filter($findings, static fn (Finding $finding): bool => $finding->code instanceof $codes));
            $valve = Valve::of($own, $one->isBegun($workings));
            $sheet = new StageSheet(
                title: $wording->text($one->title()),
                valve: $valve,
                state: $wording->text($valve->word()),
                answer: $one->answer($workings, $figures, $findings),
                drawing: $one->drawing($workings, null === $stage),
                cautions: array_map($wording->phrase(...), $one->cautions($workings)),
                additions: null === $stage ? SentFix::all($one->additions($workings), $wording) : [],
            );
            $cells = $one->glass($workings, $figures, $findings);
            if (!$one instanceof KeptStage) {
                KeptStage::keep($one, $workings, $ofStages[$index], $own, $sheet, $cells);
            }
            $sheets[$one->name()] = $sheet;
            array_push($glass, ...$cells);
        }

        $causes = Causes::among($findings);
        $sent = array_map(
            static fn (Finding $finding): SentFinding => new SentFinding($finding, $causes->of($finding), $trial?->proven($finding) ?? [], $wording),
            $findings,
        );

        $assessment = new Assessment(
            fileName: $plan->fileName(),
            stages: $sheets,
            glass: $glass,
            findings: $sent,
            figures: $figures->all(),
            sums: null === $stage ? $figures->sums() : null,
            readings: null === $stage ? Readings::of($plan) : Readings::shown($workings, $opened),
            snags: SnagCount::of($sent, $wording),
        );
        $workings->remember();

        return $assessment;
    }

    /** @return list<Finding> only what is found, of all stages, the worst first: a small part of the work of assess() */
    public static function found(Workings $workings): array
    {
        return self::findings(self::rules(self::stages()), $workings);
    }

    /**
     * @param string $stage that is looked at
     * @param PartStock|null $stock the parts that can be had
     * @param Records|null $records what was recorded of the plan in use
     *
     * @return StageDrawing|null null where no stage is called that
     */
    public static function drawn(Plan $plan, string $stage, ?PartStock $stock = null, ?Records $records = null): ?StageDrawing
    {
        foreach (self::stages() as $one) {
            if ($stage === $one->name()) {
                $workings = Workings::over($plan, $stock, $records);

                return new StageDrawing($one->drawing($workings, true), SentFix::all($one->additions($workings), $workings->wording));
            }
        }

        return null;
    }

    /**
     * The whole plan on paper.
     *
     * @param PartStock|null $stock the parts that can be had
     * @param Records|null $records what was recorded of the plan in use
     *
     * @return list<BookPage> of each stage
     */
    public static function book(Plan $plan, ?PartStock $stock = null, ?Records $records = null): array
    {
        $workings = Workings::over($plan, $stock, $records);
        $figures = new FigureSheet($workings->wording);
        $pages = [];
        foreach (self::stages() as $one) {
            $before = $figures->all();
            $one->addFigures($workings, $figures);
            $pages[] = new BookPage(
                $one->name(),
                $one->drawing($workings, true),
                array_values(array_diff_key($figures->all(), $before)),
                array_map($workings->wording->phrase(...), $one->toMeasure($workings)),
            );
        }

        return $pages;
    }

    /**
     * @param PartStock|null $stock the parts that can be had
     *
     * @return array<string, Sum> what each figure of a plan was worked out of, by the figure’s id
     */
    public static function sums(Plan $plan, ?PartStock $stock = null): array
    {
        return self::figures(Workings::over($plan, $stock))->sums();
    }

    /**
     * @param string $stage whose findings are to be cleared
     * @param PartStock|null $stock the parts that can be had; without them none are proposed
     * @param Records|null $records what was recorded of the plan in use
     *
     * @return list<FindingFixes> the fixes of each finding of that stage, the worst first, every one tried on the whole plan
     */
    public static function fixes(Plan $plan, string $stage, ?PartStock $stock = null, Watch $watch = new Unwatched(), ?Records $records = null): array
    {
        $workings = Workings::over($plan, $stock, $records);
        $findings = self::findings(self::rules(self::stages()), $workings);
        $trial = new FixTrial($workings, $findings, self::stages(), $watch);
        $own = array_values(array_filter($findings, static fn (Finding $finding): bool => $stage === $finding->stage()));
        $fixes = [];
        foreach ($own as $done => $finding) {
            $watch->tell($done, \count($own));
            if ($watch->isOver()) {
                break;
            }
            $fixes[] = new FindingFixes($finding->key(), $trial->proven($finding));
        }

        return $fixes;
    }

    /**
     * The same of some findings of any stage, each when it is asked for.
     *
     * @param \Closure(Finding): bool $isMeant
     *
     * @return iterable<FindingFixes>
     */
    public static function fixesOf(\Closure $isMeant, Workings $workings): iterable
    {
        $findings = self::findings(self::rules(self::stages()), $workings);
        $trial = new FixTrial($workings, $findings, self::stages());
        foreach (array_filter($findings, $isMeant) as $finding) {
            yield new FindingFixes($finding->key(), $trial->proven($finding));
        }
    }

    /** Every size of the line’s parts that can be had, tried in a plan. */
    public static function sizes(Plan $plan, PartStock $stock, Watch $watch = new Unwatched()): SizingOffer
    {
        $workings = Workings::over($plan, $stock);

        return LineSizing::over($workings, new FixTrial($workings, self::findings(self::rules(self::stages()), $workings), self::stages()), $watch);
    }

    private static function figures(Workings $workings, bool $isWhole = true): FigureSheet
    {
        $figures = new FigureSheet($workings->wording, $isWhole);
        foreach (self::stages() as $one) {
            $one->addFigures($workings, $figures);
        }

        return $figures;
    }

    /** @return array<string, Figure> by id, those that a stage adds */
    private static function added(Stage $stage, Workings $workings, FigureSheet $figures): array
    {
        $before = $figures->all();
        $stage->addFigures($workings, $figures);

        return array_diff_key($figures->all(), $before);
    }

    /**
     * @param list<Stage> $stages
     *
     * @return list<Rule>
     */
    private static function rules(array $stages): array
    {
        return array_merge(...array_map(static fn (Stage $one): array => [...$one->rules(), ...$one->recordRules()], $stages));
    }

    /**
     * @param list<Rule> $rules
     *
     * @return list<Finding> worst first, otherwise in the order of the stages and of their rules
     */
    private static function findings(array $rules, Workings $workings): array
    {
        $findings = array_merge(...array_map(static fn (Rule $rule): array => $rule->check($workings), $rules));
        usort($findings, static fn (Finding $a, Finding $b): int => $a->code->severity()->rank() <=> $b->code->severity()->rank());

        return $findings;
    }
}
