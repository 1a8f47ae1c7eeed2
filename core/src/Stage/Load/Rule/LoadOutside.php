<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Load\PlannedLoad;
use YardCask\Core\Plan\Load\PlannedSeat;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Rig\PastWall;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A load or a seat is beside, before or behind the rig. On a trailer's drawbar and on a roof something can be stowed. */
final class LoadOutside implements Rule
{
    /** A roof rack reaches this high above the roof. */
    private const ABOVE_ROOF_M = 0.6;

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach (['/load/seats' => $workings->plan->load->seats, '/load/loads' => $workings->plan->load->loads] as $list => $parts) {
            foreach ($parts as $index => $part) {
                $worst = PastWall::worst(self::walls($part, $workings));
                if (null !== $worst) {
                    $overMm = 1000 * $worst->overM;
                    $findings[] = new Finding(
                        LoadFinding::LoadOutside,
                        [$part->id],
                        new Measure($overMm, 0.0, 'mm'),
                        new SnagText('load.outside.title', 'load.outside.why', [
                            'load' => $part->name,
                            'out' => Amount::mm($overMm),
                            'where' => $worst->wall,
                        ]),
                        static fn (): array => [
                            new Fix(new Phrase('load.fix.inside', ['load' => $part->name]), self::inside($part, $list.'/'.$index, $workings)),
                        ],
                    );
                }
            }
        }

        return $findings;
    }

    /** @return non-empty-list<PastWall> */
    private static function walls(PlannedLoad|PlannedSeat $part, Workings $workings): array
    {
        $rig = $workings->plan->load->rig;
        $sizes = $rig->sizes();
        $endM = $rig->bodyFromM() + $sizes->lengthM;
        $halfM = $sizes->widthM / 2;
        $topM = $sizes->heightM + self::ABOVE_ROOF_M;

        return [
            new PastWall($rig->stowFromM() - $part->xM, 'front', 'x_m', $rig->stowFromM()),
            new PastWall($part->xM - $endM, 'rear', 'x_m', $endM),
            new PastWall(abs($part->yM) - $halfM, 'side', 'y_m', $part->yM < 0 ? -$halfM : $halfM),
            new PastWall($part->zM - $topM, 'roof', 'z_m', $topM),
        ];
    }

    private static function inside(PlannedLoad|PlannedSeat $part, string $pointer, Workings $workings): PlanPatch
    {
        return PlanPatch::all(array_map(
            static fn (PastWall $wall): PlanPatch => PlanPatch::replace($pointer.'/'.$wall->property, round($wall->insideM, 3)),
            PastWall::passed(self::walls($part, $workings)),
        ));
    }
}
