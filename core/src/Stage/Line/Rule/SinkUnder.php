<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A boat's sink that drains into the sea stands under water when she heels: the sea comes up through its drain and fills her. */
final class SinkUnder implements RuleWithThresholds
{
    /** A sink's floor lies so far below the tap over it. */
    public const BELOW_TAP_M = 0.3;
    /** Over the water when heeled, for a wave. */
    public const ABOVE_M = 0.05;
    private const TAPS = [PartKind::Tap, PartKind::SwitchedTap, PartKind::MixerTap];

    public static function thresholds(): array
    {
        return ['sink_above' => Amount::metres(self::ABOVE_M), 'sink_deep' => Amount::metres(self::BELOW_TAP_M)];
    }

    public function check(Workings $workings): array
    {
        $boat = $workings->plan->load->rig;
        if (!$boat instanceof PlannedBoat || !\in_array(PlannedUse::OUTSIDE, array_column($workings->plan->use->uses, 'drainsTo'), true)) {
            return [];
        }
        $findings = [];
        foreach ($workings->of(LineWorkings::class)->graph->outlets as $tap) {
            // Where nobody has said how far from the middle it stands, at its best.
            $aboveM = \in_array($tap->kind, self::TAPS, true) ? $boat->aboveWaterM($tap->zM - self::BELOW_TAP_M, $tap->yM ?? 0.0) : null;
            if (null !== $aboveM && $aboveM < self::ABOVE_M - 0.0005) {
                $findings[] = new Finding(
                    LineFinding::SinkUnder,
                    [$tap->id],
                    new Measure(1000 * $aboveM, 1000 * self::ABOVE_M, 'mm'),
                    new SnagText('line.sink-under.title', 'line.sink-under.why', [
                        'tap' => $tap->spoken(),
                        'where' => $aboveM < 0 ? 'below' : 'above',
                        'heel' => Amount::degrees($boat->heelsDeg()),
                        'deep' => Amount::mm(1000 * self::BELOW_TAP_M),
                        'above' => Amount::mm(1000 * abs($aboveM)),
                        'above_least' => Amount::mm(1000 * self::ABOVE_M),
                    ]),
                    static fn (): array => [...self::nearer($tap, $boat, $workings), ...self::drained($workings)],
                );
            }
        }

        return $findings;
    }

    /** @return list<Fix> the tap with its sink nearer to the middle */
    private static function nearer(PlannedPart $tap, PlannedBoat $boat, Workings $workings): array
    {
        $mostM = floor(100 * $boat->asideOverWaterM(self::ABOVE_M, $tap->zM - self::BELOW_TAP_M)) / 100;
        if (null === $tap->yM || $mostM < 0) {
            return [];
        }

        $toM = $tap->yM < 0 ? -$mostM : $mostM;

        return [
            new Fix(
                new Phrase('line.fix.sink-nearer', ['tap' => $tap->spoken(), 'to' => Amount::across($toM)]),
                LineDraft::of($workings->plan)->changed($tap, ['yM' => $toM])->patch(),
            ),
        ];
    }

    /** @return list<Fix> everything that drains outside into a waste tank */
    private static function drained(Workings $workings): array
    {
        $waste = array_values(array_filter($workings->plan->tanks, static fn (PlannedTank $tank): bool => WaterKind::Waste === $tank->holds))[0] ?? null;
        $patches = [];
        foreach ($workings->plan->use->uses as $index => $use) {
            if (PlannedUse::OUTSIDE === $use->drainsTo && null !== $waste) {
                $patches[] = PlanPatch::replace(\sprintf('/use/uses/%d/drains_to', $index), $waste->id);
            }
        }

        return null === $waste ? [] : [new Fix(new Phrase('line.fix.drain-into', ['tank' => $waste->name]), PlanPatch::all($patches))];
    }
}
