<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\Shift\SideShift;
use YardCask\Core\Stage\Load\Trim\Balance;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A boat that lies over, or has little stability left, in the worst state. */
final class BoatTrim implements RuleWithThresholds
{
    public const HEEL_DEG = 1.5;

    /** A tank that is made narrower is made at least so much longer. */
    private const LONGER = 1.25;
    private const STEP_MM = 10.0;

    public static function thresholds(): array
    {
        return [
            'height_least' => Amount::metres(PlannedBoat::LEAST_GM_M),
            'heel_people' => Amount::degrees(PlannedBoat::PEOPLE_HEEL_DEG),
            'heel_most' => Amount::degrees(self::HEEL_DEG),
        ];
    }

    public function check(Workings $workings): array
    {
        $boat = $workings->plan->load->rig;
        $balance = new Balance($workings);
        $gm = $balance->leastGm();
        if (!$boat instanceof PlannedBoat || null === $gm) {
            return [];
        }
        $rig = $boat->kind();
        $findings = [];
        if ($gm[0] < $boat->leastGmM()) {
            $payload = $workings->of(LoadWorkings::class)->payloadIn($gm[1]);
            $findings[] = new Finding(
                LoadFinding::StabilityThin,
                [],
                new Measure($gm[0], $boat->leastGmM(), 'm'),
                new SnagText(
                    $gm[0] > 0 ? 'load.stability-thin.title' : 'load.stability-thin.title.none',
                    $gm[0] > 0 ? 'load.stability-thin.why' : 'load.stability-thin.why.none',
                    [
                        'when' => $gm[1]->phrase($rig),
                        'taken' => Amount::metres($payload instanceof BoatPayload ? $payload->freeSurfaceM : 0.0),
                        'height' => Amount::metres($gm[0]),
                        'heel_people' => Amount::degrees(PlannedBoat::PEOPLE_HEEL_DEG),
                        'height_least' => Amount::metres($boat->leastGmM()),
                    ]),
                static fn (): array => self::narrowTanks($workings),
            );
        }
        $heel = $balance->heel();
        if (null !== $heel && abs($heel[0]) > self::HEEL_DEG) {
            $findings[] = new Finding(
                LoadFinding::Heel,
                [],
                new Measure(abs($heel[0]), self::HEEL_DEG, '°'),
                new SnagText('load.heel.title', 'load.heel.why', [
                    'heel' => Amount::degrees(abs($heel[0])),
                    'heel_most' => Amount::degrees(self::HEEL_DEG),
                    'side' => $heel[0] < 0 ? 'left' : 'right',
                    'when' => $heel[1]->phrase($rig),
                ]),
                static fn (): array => self::moveAcross($workings, $boat, $heel[1]),
            );
        }
        if (null === $boat->draughtM) {
            $findings[] = new Finding(
                LoadFinding::HeightsNotCounted,
                [],
                new Measure(0.0, 0.0, 'm'),
                new SnagText('load.heights-not-counted.title', 'load.heights-not-counted.why'),
                static fn (): array => [],
                new LookAt('/load/rig/draught_m', new Phrase('load.heights-not-counted.look')),
            );
        }

        return $findings;
    }

    /** @return list<Fix> the largest tank narrower and as much longer, up to twice, where there is room for it */
    private static function narrowTanks(Workings $workings): array
    {
        $largest = $workings->of(TanksWorkings::class)->largestMade();
        if (null === $largest) {
            return [];
        }
        $tank = $largest->tank;
        for ($lengthMm = 2 * $tank->lengthMm; $lengthMm > self::LONGER * $tank->lengthMm; $lengthMm -= self::STEP_MM) {
            $narrow = FreePlace::settled($tank->sized($lengthMm, ceil($tank->lengthMm * $tank->widthMm / $lengthMm)), $workings->plan);
            if (null !== $narrow) {
                $label = new Phrase('load.fix.narrow-tank', [
                    'tank' => $tank->name,
                    'wide' => Amount::mm($narrow->widthMm),
                    'long' => Amount::mm($narrow->lengthMm),
                    'placed' => null === $tank->bay ? 'free' : 'bay',
                ]);

                return array_filter([FreePlace::fix($label, $largest, $narrow, $workings->plan)]);
            }
        }

        return [];
    }

    /** @return list<Fix> the largest tank, or the heaviest load, moved across until she lies level in that state */
    private static function moveAcross(Workings $workings, PlannedBoat $boat, RigState $state): array
    {
        $load = $workings->of(LoadWorkings::class);
        $payload = $load->payloadIn($state);
        if (!$payload instanceof BoatPayload) {
            return [];
        }
        $momentKgM = tan(deg2rad($payload->heelDeg ?? 0.0)) * ($boat->displacementKg + $payload->load->kgAt(1)) * $payload->gmEffectiveM;
        $largest = $workings->of(TanksWorkings::class)->largestFixed();
        $tankKg = null === $largest ? 0.0 : $largest->tank->allEmptyKg() + $load->contents->in($state)[$largest->index];

        return SideShift::across($tankKg, $momentKgM, $momentKgM, 2, $workings);
    }
}
