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
                [$outM, $where, $key, $toM] = self::worst($part, $workings);
                if ($outM > 0.0005) {
                    $findings[] = new Finding(
                        LoadFinding::LoadOutside,
                        [$part->id],
                        new Measure($outM * 1000, 0.0, 'mm'),
                        new SnagText('load.outside.title', 'load.outside.why', ['load' => $part->name, 'out' => Amount::mm($outM * 1000), 'where' => $where]),
                        static fn (): array => [
                            new Fix(new Phrase('load.fix.inside', ['load' => $part->name]), self::inside($part, $list.'/'.$index, $workings)),
                        ],
                    );
                }
            }
        }

        return $findings;
    }

    /** @return array{float, string, string, float} by how many metres it is out, past what (front, rear, side, roof), and which place is to become what */
    private static function worst(PlannedLoad|PlannedSeat $part, Workings $workings): array
    {
        return max(self::places($part, $workings));
    }

    /** @return non-empty-list<array{float, string, string, float}> */
    private static function places(PlannedLoad|PlannedSeat $part, Workings $workings): array
    {
        $rig = $workings->plan->load->rig;
        $sizes = $rig->sizes();
        $endM = $rig->bodyFromM() + $sizes->lengthM;
        $halfM = $sizes->widthM / 2;
        $topM = $sizes->heightM + self::ABOVE_ROOF_M;

        return [
            [$rig->stowFromM() - $part->xM, 'front', 'x_m', $rig->stowFromM()],
            [$part->xM - $endM, 'rear', 'x_m', $endM],
            [abs($part->yM) - $halfM, 'side', 'y_m', $part->yM < 0 ? -$halfM : $halfM],
            [$part->zM - $topM, 'roof', 'z_m', $topM],
        ];
    }

    private static function inside(PlannedLoad|PlannedSeat $part, string $pointer, Workings $workings): PlanPatch
    {
        $out = array_values(array_filter(self::places($part, $workings), static fn (array $place): bool => $place[0] > 0));

        return PlanPatch::all(array_map(static fn (array $place): PlanPatch => PlanPatch::replace($pointer.'/'.$place[2], round($place[3], 3)), $out));
    }
}
