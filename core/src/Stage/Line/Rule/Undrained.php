<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\UsualHeight;
use YardCask\Core\Stage\Line\Graph\SourceSide;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Pipes that no drain empties, or that lie below the lowest one. */
final class Undrained implements RuleWithThresholds
{
    /** Which a pipe has room for when they freeze. */
    private const HARMLESS_ML = 20.0;
    private const MOST_DRAINS = 6;

    public static function thresholds(): array
    {
        return ['undrained' => Amount::little(self::HARMLESS_ML / 1000)];
    }

    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $stays = self::stays($line);
        $mL = array_sum($stays);
        if ($mL <= self::HARMLESS_ML) {
            return [];
        }
        $most = $line->graph->pipes[(int) array_key_first($stays)];
        $subject = array_map(static fn (int $index): string => $line->graph->pipes[$index]->pipe->id, array_keys($stays));
        $text = new SnagText('line.undrained.title', [] === $line->graph->parts(PartKind::DrainValve) ? 'line.undrained.why.no-drain' : 'line.undrained.why', [
            'litres' => Amount::little($mL / 1000),
            'litres_most' => Amount::little(max([0.0, ...$stays]) / 1000),
            'pipe' => $most->phrase(),
            'pipes' => \count($stays),
        ]);

        return [
            new Finding(
                LineFinding::Undrained,
                $subject,
                new Measure($mL, self::HARMLESS_ML, 'mL'),
                $text,
                static fn (): array => self::drains($workings),
                causes: self::causes($line, $workings),
            ),
        ];
    }

    /** @return list<string> the parts that are the wrong way round, and without which it would drain */
    private static function causes(LineWorkings $line, Workings $workings): array
    {
        $causes = [];
        foreach ($line->graph->plan->line->parts as $part) {
            if ($part->kind->isOneWay() && SourceSide::isBackwards($part, $line->graph)) {
                $turned = $workings->with(LineDraft::of($workings->plan)->turned($part)->plan())->of(LineWorkings::class);
                if (array_sum(self::stays($turned)) <= self::HARMLESS_ML) {
                    $causes[] = LineFinding::Backwards->keyOf([$part->id]);
                }
            }
        }

        return $causes;
    }

    /** @return array<int, float> mL by the pipe's place in the plan, the most first */
    private static function stays(LineWorkings $line): array
    {
        $drains = $line->graph->parts(PartKind::DrainValve);
        $drained = $line->modes()->of(LineMode::Drain)->path;
        $lowestM = [] === $drains ? \INF : min(array_column($drains, 'zM'));
        $stays = [];
        foreach ($line->graph->pipes as $index => $pipe) {
            // What hangs from a tank empties with it, and a hose with one end in a can is lifted out.
            $isTanks = $pipe->from->owner instanceof PlannedTank || $pipe->to->owner instanceof PlannedTank;
            if (!$isTanks && (!isset($drained[$index]) || max($pipe->from->zM(), $pipe->to->zM()) < $lowestM - 1e-6)) {
                $stays[$index] = 1000 * $pipe->litres();
            }
        }
        arsort($stays);

        return $stays;
    }

    /** @return list<Fix> a drain where most stays, then where most still does */
    private static function drains(Workings $workings): array
    {
        $after = $workings;
        $draft = LineDraft::of($workings->plan);
        $where = [];
        for ($number = 0; $number < self::MOST_DRAINS; ++$number) {
            $line = $after->of(LineWorkings::class);
            $stays = self::stays($line);
            if (array_sum($stays) <= self::HARMLESS_ML) {
                break;
            }
            $most = $line->graph->pipes[(int) array_key_first($stays)];
            $drain = $workings->stock->usual(UsualFor::Drain, $most->pipe->tube);
            if (null === $drain) {
                return [];
            }
            $draft = $draft->into($most->pipe, $drain, min($most->from->zM(), $most->to->zM(), UsualHeight::of(PartKind::DrainValve, $workings->plan)));
            $after = $workings->with($draft->plan());
            $where[] = $most->phrase();
        }

        return [] === $where ? [] : [new Fix(new Phrase('line.fix.drains', ['drains' => \count($where), 'pipes' => $where]), $draft->patch())];
    }
}
