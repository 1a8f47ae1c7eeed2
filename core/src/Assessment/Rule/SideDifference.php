<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\RoadPayload;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Plan\PlanPatch;

/** One side's wheels carry much more than the other's. */
final class SideDifference implements Rule
{
    /** A workshop's rule of thumb; beyond it the rig leans and its tyres and brakes work unevenly. */
    private const SHARE_OF_WHOLE = 0.04;

    public function check(Workings $workings): array
    {
        $rig = $workings->plan->load->rig;
        if (!$workings->full instanceof RoadPayload || !$rig instanceof PlannedRoadRig) {
            return [];
        }
        $differenceKg = $workings->full->sideDifferenceKg;
        $allowedKg = self::SHARE_OF_WHOLE * $workings->full->gross->kgAt(1);
        if (abs($differenceKg) <= $allowedKg) {
            return [];
        }
        $say = $workings->say;
        $heavy = $differenceKg < 0 ? 'left' : 'right';

        return [new Finding(
            FindingCode::SideDifference,
            [],
            new Measure(abs($differenceKg), $allowedKg, 'kg'),
            \sprintf('%s wheels carry %s more', ucfirst($heavy), $say->kg(abs($differenceKg))),
            \sprintf('With full tanks that is more than %s of the whole (%s). The rig leans and wears its tyres unevenly.', $say->share(self::SHARE_OF_WHOLE), $say->kg($allowedKg)),
            static fn (): array => self::proposals($workings, $rig->trackM, $differenceKg),
        )];
    }

    /** @return list<Fix> the largest tank, or the heaviest load on that side, moved across until the sides are even */
    private static function proposals(Workings $workings, float $trackM, float $differenceKg): array
    {
        $halfM = $workings->plan->load->rig->body()->widthM / 2;
        $movable = [];
        $largest = $workings->largestFixedTank();
        if (null !== $largest) {
            $movable[] = [$largest->tank->name, $largest->pointer(), $largest->tank->emptyKg + $largest->volume->fullL(), $largest->tank->yM, $halfM - $largest->tank->widthMm / 2000];
        }
        foreach ($workings->plan->load->loads as $index => $load) {
            $movable[] = [$load->name, '/load/loads/'.$index, $load->kg, $load->yM, $halfM];
        }
        $movable = array_filter($movable, static fn (array $one): bool => $one[2] * $one[3] * $differenceKg > 0);
        usort($movable, static fn (array $a, array $b): int => $b[2] <=> $a[2]);

        return array_map(static function (array $one) use ($workings, $trackM, $differenceKg): Fix {
            [$name, $pointer, $kg, $yM, $roomM] = $one;
            $toM = round(max(-$roomM, min($roomM, $yM - $differenceKg * $trackM / (2 * $kg))), 2);

            return new Fix(\sprintf('Move %s to %s', $name, $workings->say->across($toM)), PlanPatch::replace($pointer.'/y_m', $toM));
        }, \array_slice($movable, 0, 2));
    }
}
