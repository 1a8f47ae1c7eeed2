<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Input\Json;
use YardCask\Core\Words\Phrase;

/**
 * Repeats what a stage said about an earlier plan with the same sections. Findings that depend on records are looked for each time.
 *
 * @phpstan-type FigureValues array{string, string, float, string, string, string}
 *
 * @phpstan-import-type FindingValues from KeptFindings
 * @phpstan-import-type GlassValues from GlassCell
 *
 * @phpstan-type StageValues array{
 *     figures: list<FigureValues>,
 *     findings: list<FindingValues>,
 *     begun: bool,
 *     answer: array{string, string, string, string, string},
 *     drawing: string,
 *     cautions: list<string>,
 *     glass: list<GlassValues>,
 * }
 */
final readonly class KeptStage implements Stage
{
    /** @param StageValues $kept */
    private function __construct(
        private Stage $stage,
        private array $kept,
    ) {
    }

    /** @return self|null null where nothing is kept of such a plan */
    public static function recalled(Stage $stage, Workings $workings): ?self
    {
        /** @var StageValues|null $kept */
        $kept = $workings->recalled(self::class.' '.$stage->name(), $stage->sections());

        return null === $kept ? null : new self($stage, $kept);
    }

    /**
     * Keeps what a stage says about a plan, unless some of it depends on records.
     *
     * @param array<string, Figure> $figures its own
     * @param list<Finding> $findings its own
     * @param list<GlassCell> $glass its own
     */
    public static function keep(Stage $stage, Workings $workings, array $figures, array $findings, StageSheet $sheet, array $glass): void
    {
        $workings->keep(self::class.' '.$stage->name(), $stage->sections(), static fn (): ?array => self::dependsOnRecords($stage, $workings) ? null : [
            'figures' => array_map(
                static fn (Figure $one): array => [$one->id, $one->label, $one->value, $one->figure, $one->symbol, $one->text],
                array_values($figures),
            ),
            'findings' => KeptFindings::values($findings, $workings->wording),
            'begun' => $stage->isBegun($workings),
            'answer' => $sheet->answer->values(),
            'drawing' => Json::encode($sheet->drawing),
            'cautions' => $sheet->cautions,
            'glass' => array_map(static fn (GlassCell $one): array => $one->values(), $glass),
        ]);
    }

    private static function dependsOnRecords(Stage $stage, Workings $workings): bool
    {
        foreach ($stage->recordRules() as $rule) {
            if ([] !== $rule->check($workings)) {
                return true;
            }
        }

        return false;
    }

    public function name(): string
    {
        return $this->stage->name();
    }

    public function title(): string
    {
        return $this->stage->title();
    }

    public function sections(): array
    {
        return $this->stage->sections();
    }

    public function addFigures(Workings $workings, FigureSheet $figures): void
    {
        $figures->put(array_map(static fn (array $one): Figure => new Figure(...$one), $this->kept['figures']));
    }

    public function answer(Workings $workings, FigureSheet $figures, array $findings): Answer
    {
        return $this->hasMoreThanKept($findings) ? $this->stage->answer($workings, $figures, $findings) : Answer::ofValues($this->kept['answer']);
    }

    public function drawing(Workings $workings, bool $looked): Drawing
    {
        return new KeptDrawing($this->kept['drawing']);
    }

    public function isBegun(Workings $workings): bool
    {
        return $this->kept['begun'];
    }

    public function cautions(Workings $workings): array
    {
        return array_map(Phrase::verbatim(...), $this->kept['cautions']);
    }

    public function additions(Workings $workings): array
    {
        return $this->stage->additions($workings);
    }

    public function toMeasure(Workings $workings): array
    {
        return $this->stage->toMeasure($workings);
    }

    public function rules(): array
    {
        return [KeptFindings::ofValues($this->kept['findings'], $this->stage->findingCodes())];
    }

    public function recordRules(): array
    {
        return $this->stage->recordRules();
    }

    public function findingCodes(): string
    {
        return $this->stage->findingCodes();
    }

    public function glass(Workings $workings, FigureSheet $figures, array $findings): array
    {
        return $this->hasMoreThanKept($findings)
            ? $this->stage->glass($workings, $figures, $findings)
            : array_map(GlassCell::ofValues(...), $this->kept['glass']);
    }

    /**
     * Whether something was found that depends on records.
     *
     * @param list<Finding> $findings of all stages
     */
    private function hasMoreThanKept(array $findings): bool
    {
        $codes = $this->stage->findingCodes();
        $own = array_filter($findings, static fn (Finding $one): bool => $one->code instanceof $codes);

        return \count($own) > \count($this->kept['findings']);
    }
}
