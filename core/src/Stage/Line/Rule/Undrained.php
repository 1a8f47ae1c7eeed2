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
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Drain\LeftIn;
use YardCask\Core\Stage\Line\Drain\LeftWater;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\Graph\SourceSide;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Water that no drain and no hand takes out of pipes and parts. */
final class Undrained implements RuleWithThresholds
{
    /** Which a pipe has room for when they freeze. */
    private const HARMLESS_L = 0.02;
    private const MOST_DRAINS = 6;

    public static function thresholds(): array
    {
        return ['undrained' => Amount::little(self::HARMLESS_L)];
    }

    public function check(Workings $workings): array
    {
        $water = $workings->of(LeftWater::class);
        if ($water->litres() <= self::HARMLESS_L) {
            return [];
        }
        $staying = $water->staying();
        $graph = $workings->of(LineGraph::class);
        $text = new SnagText('line.undrained.title', [] === $graph->parts(PartKind::DrainValve) ? 'line.undrained.why.no-drain' : 'line.undrained.why', [
            'litres' => Amount::little($water->litres()),
            'litres_most' => Amount::little($staying[0]->litres),
            'place' => $staying[0]->phrase(),
            'places' => \count($staying),
        ]);

        return [
            new Finding(
                LineFinding::Undrained,
                array_map(static fn (LeftIn $one): string => $one->id(), $staying),
                new Measure(1000 * $water->litres(), 1000 * self::HARMLESS_L, 'mL'),
                $text,
                static fn (): array => self::drains($workings),
                causes: self::causes($graph, $workings),
            ),
        ];
    }

    /** @return list<string> the parts that are the wrong way round, and without which it would drain */
    private static function causes(LineGraph $graph, Workings $workings): array
    {
        $causes = [];
        foreach ($graph->plan->line->parts as $part) {
            if ($part->kind->isOneWay() && SourceSide::isBackwards($part, $graph)) {
                $turned = $workings->with(LineDraft::of($workings->plan)->turned($part)->plan())->of(LeftWater::class);
                if ($turned->litres() <= self::HARMLESS_L) {
                    $causes[] = LineFinding::Backwards->keyOf([$part->id]);
                }
            }
        }

        return $causes;
    }

    /** @return list<Fix> a drain where most stays, then where most still does */
    private static function drains(Workings $workings): array
    {
        $after = $workings;
        $draft = LineDraft::of($workings->plan);
        $where = [];
        for ($number = 0; $number < self::MOST_DRAINS && $after->of(LeftWater::class)->litres() > self::HARMLESS_L; ++$number) {
            $graph = $after->of(LineGraph::class);
            $pipe = self::toDrain($after->of(LeftWater::class)->staying()[0]->holder, $graph);
            $drain = null === $pipe ? null : $workings->stock->usual(UsualFor::Drain, $pipe->pipe->tube);
            if (null === $pipe || null === $drain) {
                return [];
            }
            $draft = $draft->drained($pipe, $drain);
            $after = $workings->with($draft->plan());
            $where[] = $pipe->phrase();
        }

        return [] === $where ? [] : [new Fix(new Phrase('line.fix.drains', ['drains' => \count($where), 'pipes' => $where]), $draft->patch())];
    }

    /** The pipe in which a drain empties a pipe or a part; null where nothing is joined there. */
    private static function toDrain(LinePipe|PlannedPart $holder, LineGraph $graph): ?LinePipe
    {
        return $holder instanceof LinePipe ? $holder : $graph->pipeAt($holder, $holder->entersAt());
    }
}
