<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\FreePlace;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Plan\PlanPatch;

/** A boat that lies over, or has little stability left. */
final class BoatTrim implements Rule
{
    private const HEEL_DEG = 1.5;
    private const LEAST_GM_M = 0.15;

    public function check(Workings $workings): array
    {
        $payload = $workings->full;
        if (!$payload instanceof BoatPayload) {
            return [];
        }
        $say = $workings->say;
        $findings = [];
        if ($payload->gmEffectiveM < self::LEAST_GM_M) {
            $findings[] = new Finding(
                FindingCode::StabilityThin,
                [],
                new Measure($payload->gmEffectiveM, self::LEAST_GM_M, 'm'),
                'Hardly any stability left',
                \sprintf('The slack tanks take %s of the metacentric height and leave %s. Narrower tanks, or one divided lengthwise, take far less.', $say->metres($payload->freeSurfaceM), $say->metres($payload->gmEffectiveM)),
                static fn (): array => self::narrowTanks($workings),
            );
        }
        if (null !== $payload->heelDeg && abs($payload->heelDeg) > self::HEEL_DEG) {
            $findings[] = new Finding(
                FindingCode::Heel,
                [],
                new Measure(abs($payload->heelDeg), self::HEEL_DEG, '°'),
                \sprintf('She lies %.1f° to %s', abs($payload->heelDeg), $payload->heelDeg < 0 ? 'port' : 'starboard'),
                'With full tanks and everything aboard. As the water is used the list changes, so it is better taken out by placing than by ballast.',
                static fn (): array => self::moveTank($workings, $payload),
            );
        }

        return $findings;
    }

    /** @return list<Fix> */
    private static function narrowTanks(Workings $workings): array
    {
        $largest = $workings->largestFixedTank();
        if (null === $largest) {
            return [];
        }
        $tank = $largest->tank;

        $narrow = FreePlace::settleAmong($tank->sized($tank->lengthMm * 2, $tank->widthMm / 2), $workings->plan);
        $patch = PlanPatch::replace($largest->pointer().'/width_mm', $narrow->widthMm)->and(PlanPatch::replace($largest->pointer().'/length_mm', $narrow->lengthMm));

        return [new Fix(\sprintf('Make %s half as wide and twice as long, amidships', $tank->name), $patch->and(FreePlace::move($largest, $narrow)))];
    }

    /** @return list<Fix> */
    private static function moveTank(Workings $workings, BoatPayload $payload): array
    {
        $largest = $workings->largestFixedTank();
        $rig = $workings->plan->load->rig;
        if (null === $largest || !$rig instanceof \YardCask\Core\Plan\PlannedBoat) {
            return [];
        }
        $tank = $largest->tank;
        $kg = $tank->emptyKg + $largest->volume->fullL();
        $momentKgM = tan(deg2rad($payload->heelDeg ?? 0.0)) * ($rig->displacementKg + $payload->load->kgAt(1)) * $payload->gmEffectiveM;
        $roomM = $rig->body()->widthM / 2 - $tank->widthMm / 2000;
        $toM = round(max(-$roomM, min($roomM, $tank->yM - $momentKgM / $kg)), 2);

        return [new Fix(\sprintf('Move %s to %s', $tank->name, $workings->say->across($toM)), PlanPatch::replace($largest->pointer().'/y_m', $toM))];
    }
}
