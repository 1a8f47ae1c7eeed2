<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Plan\PlannedBoat;
use YardCask\Core\Stage\Load\Balance;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\SideShift;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;

/** A boat that lies over, or has little stability left, in the worst state. */
final class BoatTrim implements Rule
{
    public const HEEL_DEG = 1.5;
    public const LEAST_GM_M = 0.15;

    public function check(Workings $workings): array
    {
        $boat = $workings->plan->load->rig;
        $balance = new Balance($workings);
        $gm = $balance->leastGm();
        if (!$boat instanceof PlannedBoat || null === $gm) {
            return [];
        }
        [$say, $words] = [$workings->say, $workings->words];
        $findings = [];
        if ($gm[0] < self::LEAST_GM_M) {
            $payload = $workings->of(LoadWorkings::class)->payloadIn($gm[1]);
            $findings[] = new Finding(
                LoadFinding::StabilityThin,
                [],
                new Measure($gm[0], self::LEAST_GM_M, 'm'),
                $gm[0] > 0 ? 'Hardly any stability left' : 'No stability left',
                \sprintf('%s the slack tanks take %s of the metacentric height and leave %s. Narrower tanks, or one divided lengthwise, take far less.', ucfirst($gm[1]->inWords($words)), $say->metres($payload instanceof BoatPayload ? $payload->freeSurfaceM : 0.0), $gm[0] > 0 ? $say->metres($gm[0]) : 'nothing'),
                static fn (): array => self::narrowTanks($workings),
            );
        }
        $heel = $balance->heel();
        if (null !== $heel && abs($heel[0]) > self::HEEL_DEG) {
            $findings[] = new Finding(
                LoadFinding::Heel,
                [],
                new Measure(abs($heel[0]), self::HEEL_DEG, '°'),
                \sprintf('She lies %.1f° to %s %s', abs($heel[0]), $heel[0] < 0 ? $words->left() : $words->right(), $heel[1]->inWords($words)),
                'As the water is used the list changes, so it is better taken out by placing than by ballast.',
                static fn (): array => self::moveAcross($workings, $boat, $heel[1]),
            );
        }
        if (null === $boat->draughtM) {
            $findings[] = new Finding(
                LoadFinding::HeightsNotCounted,
                [],
                new Measure(0.0, 0.0, 'm'),
                'Heights are not counted in her stability',
                'What stands high aboard takes stability and what lies low gives some. Enter her draught, empty, and the heights of crew, loads and tanks count.',
                static fn (): array => [],
                new LookAt('/load/rig/draught_m', 'Enter her draught'),
            );
        }

        return $findings;
    }

    /** @return list<Fix> */
    private static function narrowTanks(Workings $workings): array
    {
        $largest = $workings->of(TanksWorkings::class)->largestFixed();
        if (null === $largest) {
            return [];
        }
        $tank = $largest->tank;
        $narrow = FreePlace::settled($tank->sized($tank->lengthMm * 2, $tank->widthMm / 2), $workings->plan);
        if (null === $narrow) {
            return [];
        }

        return [new Fix(\sprintf('Make %s half as wide and twice as long%s', $tank->name, null === $tank->bay ? ', amidships' : FreePlace::leaving($tank, $narrow, $workings->plan)), FreePlace::move($largest, $narrow, $workings->plan))];
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
