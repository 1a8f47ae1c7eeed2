<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Heat\SkinBurn;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\MixingFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Edit\MixingValveDraft;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\HotOutlet;
use YardCask\Core\Stage\Line\Solve\WarmWater;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Hot water that scalds, or that one waits for. */
final class HotWater implements RuleWithThresholds
{
    private const WAIT_L = 1.0;
    /** Nobody stays under a shower for longer. */
    private const LONG_S = 1800.0;
    private const MIXED_C = 38.0;

    public static function thresholds(): array
    {
        return [
            'safe_shower' => Amount::temperature(WarmWater::SHOWER_C),
            'safe_tap' => Amount::temperature(WarmWater::TAP_C),
            'dead_leg' => Amount::litres(self::WAIT_L),
        ];
    }

    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $findings = [];
        foreach ($line->graph->outlets as $part) {
            $hot = HotOutlet::of($part, $line);
            if (null === $hot) {
                continue;
            }
            if ($hot->hottestC > WarmWater::safeC($part)) {
                $findings[] = self::scald($hot, $part, $line, $workings);
            }
            if ($hot->waitL > self::WAIT_L) {
                $findings[] = self::deadLeg($hot, $part, $workings);
            }
        }

        return $findings;
    }

    private static function scald(HotOutlet $hot, PlannedPart $part, LineWorkings $line, Workings $workings): Finding
    {
        $burnsS = SkinBurn::seconds($hot->hottestC);
        $text = new SnagText('line.scald.title', 'line.scald.why', [
            'outlet' => $part->spoken(),
            'hot' => Amount::temperature($hot->hottestC),
            'heater' => $hot->heater->spoken(),
            'stores' => $hot->figures->litres > 0 ? 'yes' : 'no',
            'low' => Amount::temperature(self::MIXED_C),
            'high' => Amount::temperature(WarmWater::safeC($part)),
            'burns' => null === $burnsS || $burnsS > self::LONG_S ? 'no' : ($burnsS < 90 ? 'seconds' : 'minutes'),
            'seconds' => (string) max(1, round($burnsS ?? 0.0)),
            'minutes' => Amount::minutes(($burnsS ?? 0.0) / 60),
        ]);

        return new Finding(
            LineFinding::Scald,
            [$part->id],
            new Measure($hot->hottestC, WarmWater::safeC($part), '°C'),
            $text,
            static fn (): array => self::mixing($hot, $line, $workings),
        );
    }

    private static function deadLeg(HotOutlet $hot, PlannedPart $part, Workings $workings): Finding
    {
        $text = new SnagText('line.dead-leg.title', 'line.dead-leg.why', [
            'litres' => Amount::litres($hot->waitL),
            'outlet' => $part->spoken(),
            'heater' => $hot->heater->spoken(),
            'timed' => null === $hot->waitS ? 'no' : 'yes',
            'seconds' => (string) round($hot->waitS ?? 0.0),
        ]);

        return new Finding(
            LineFinding::DeadLeg,
            [$part->id],
            new Measure($hot->waitL, self::WAIT_L, 'L'),
            $text,
            static fn (): array => self::thinner($hot, $workings),
        );
    }

    /** @return list<Fix> set the mixing valve lower, or fit one downstream of the heater if there is none */
    private static function mixing(HotOutlet $hot, LineWorkings $line, Workings $workings): array
    {
        $toC = self::safeForAll($hot, $line);
        $set = [];
        foreach ($line->graph->parts(PartKind::MixingValve) as $valve) {
            if ($valve->figures instanceof MixingFigures && abs($valve->figures->setC - $hot->hottestC) < 1e-9) {
                $cooler = LineDraft::of($workings->plan)->changed($valve, ['figures' => PartFields::changed($valve->figures, ['setC' => $toC])]);
                $set[] = new Fix(new Phrase('line.fix.set-mixing', ['valve' => $valve->spoken(), 'to' => Amount::temperature($toC)]), $cooler->patch());
            }
        }

        if ([] !== $set) {
            return $set;
        }
        $mixed = MixingValveDraft::behind($hot->heater, LineDraft::of($workings->plan), $workings);

        return null === $mixed ? [] : [new Fix(new Phrase('line.fix.mixing', ['heater' => $hot->heater->spoken()]), $mixed->patch())];
    }

    /** What suits every outlet that gets water as hot as this one. */
    private static function safeForAll(HotOutlet $hot, LineWorkings $line): float
    {
        $alike = array_filter($line->graph->outlets, static fn (PlannedPart $one): bool => abs($line->warm->hottestC($one) - $hot->hottestC) < 1e-9);

        return min(WarmWater::TAP_C, ...array_map(WarmWater::safeC(...), array_values($alike)));
    }

    /** @return list<Fix> */
    private static function thinner(HotOutlet $hot, Workings $workings): array
    {
        $widest = max([0.0, ...array_map(static fn (LinePipe $pipe): float => $pipe->pipe->tube->boreMm, $hot->pipes)]);
        $pipes = array_map(static fn (LinePipe $pipe): PlannedPipe => $pipe->pipe, $hot->pipes);
        $does = static fn (StockPipe $stock): bool => $stock->tube->boreMm < $widest - 2
            && $stock->tube->boreMm >= 9
            && $stock->tube->make->ratingC >= 80
            && $stock->tube->make->foodGrade;

        return LineFixes::over($workings)->otherPipe($pipes, $does, 'line.fix.pipe-from-heater');
    }
}
