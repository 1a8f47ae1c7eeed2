<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\TankWorking;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;

/** A tank stands partly outside the rig. */
final class TankOutside implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->tanks as $working) {
            [$outM, $where, $key, $toM, $how] = self::worst($working, $workings);
            if ($outM > 0.0005) {
                $findings[] = new Finding(
                    FindingCode::TankOutside,
                    [$working->tank->id],
                    new Measure($outM * 1000, 0.0, 'mm'),
                    \sprintf('%s stands outside the rig', $working->tank->name),
                    \sprintf('It reaches %s %s.', $workings->say->mm($outM * 1000), $where),
                    static fn (): array => [new Fix(\sprintf('Move %s %s', $working->tank->name, $how), PlanPatch::replace($working->pointer().'/'.$key, round($toM, 3)))],
                );
            }
        }

        return $findings;
    }

    /** @return array{float, string, string, float, string} by how many metres it is out, past what, and which place is to become what, in words too */
    private static function worst(TankWorking $working, Workings $workings): array
    {
        $tank = $working->tank;
        $body = $workings->plan->load->rig->body();
        $halfLengthM = $tank->lengthMm / 2000;
        $insideAcrossM = $body->widthM / 2 - $tank->widthMm / 2000;
        $topM = $body->heightM - $tank->heightMm / 1000;
        $foremostM = $workings->rigFromM() + $halfLengthM;
        $rearmostM = $workings->rigToM() - $halfLengthM;

        return max(
            [$foremostM - $tank->xM, 'beyond the front', 'x_m', $foremostM, 'back to the front wall'],
            [$tank->xM - $rearmostM, 'beyond the rear', 'x_m', $rearmostM, 'forward to the rear wall'],
            [abs($tank->yM) - $insideAcrossM, 'beyond the side', 'y_m', max(0.0, $insideAcrossM) * ($tank->yM < 0 ? -1 : 1), 'in to the side wall'],
            [$tank->zM - $topM, 'above the roof', 'z_m', max(0.0, $topM), 'down below the roof'],
        );
    }
}
