<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;

/** A tank stands partly outside the rig. */
final class TankOutside implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $worst = max(self::places($working, $workings));
            if ($worst[0] > 0.0005) {
                $findings[] = new Finding(
                    TanksFinding::TankOutside,
                    [$working->tank->id],
                    new Measure($worst[0] * 1000, 0.0, 'mm'),
                    \sprintf('%s stands outside the rig', $working->tank->name),
                    \sprintf('It reaches %s %s.', $workings->say->mm($worst[0] * 1000), $worst[1]),
                    static fn (): array => [self::inside($working, $workings)],
                );
            }
        }

        return $findings;
    }

    private static function inside(TankWorking $working, Workings $workings): Fix
    {
        $out = array_values(array_filter(self::places($working, $workings), static fn (array $place): bool => $place[0] > 0.0));
        $to = PartFields::changed($working->tank, array_map(static fn (float $placeM): float => round($placeM, 3), array_column($out, 3, 2)));

        return new Fix(\sprintf('Move %s %s%s', $working->tank->name, implode(' and ', array_column($out, 4)), FreePlace::leaving($working->tank, $to, $workings->plan)), FreePlace::move($working, $to, $workings->plan));
    }

    /** @return non-empty-list<array{float, string, string, float, string}> by how many metres it is out, past what, and which property is to become what, in words too */
    private static function places(TankWorking $working, Workings $workings): array
    {
        $tank = $working->tank;
        $rig = $workings->plan->load->rig;
        $sizes = $rig->sizes();
        $halfLengthM = $tank->rowMm() / 2000;
        $insideAcrossM = $sizes->widthM / 2 - $tank->widthMm / 2000;
        $topM = $sizes->heightM - $tank->heightMm / 1000;
        $foremostM = $rig->bodyFromM() + $halfLengthM;
        $rearmostM = $rig->bodyFromM() + $sizes->lengthM - $halfLengthM;

        return [
            [$foremostM - $tank->xM, 'beyond the front', 'xM', $foremostM, 'back to the front wall'],
            [$tank->xM - $rearmostM, 'beyond the rear', 'xM', $rearmostM, 'forward to the rear wall'],
            [abs($tank->yM) - $insideAcrossM, 'beyond the side', 'yM', max(0.0, $insideAcrossM) * ($tank->yM < 0 ? -1 : 1), 'in to the side wall'],
            [$tank->zM - $topM, 'above the roof', 'zM', max(0.0, $topM), 'down below the roof'],
        ];
    }
}
