<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Rig\PastWall;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A tank stands partly outside the rig. */
final class TankOutside implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $worst = PastWall::worst(self::walls($working, $workings));
            if (null !== $worst) {
                $overMm = 1000 * $worst->overM;
                $findings[] = new Finding(
                    TanksFinding::TankOutside,
                    [$working->tank->id],
                    new Measure($overMm, 0.0, 'mm'),
                    new SnagText(
                        'tanks.outside.title',
                        'tanks.outside.why',
                        ['tank' => $working->tank->name, 'out' => Amount::mm($overMm), 'where' => $worst->wall],
                    ),
                    static fn (): array => self::inside($working, $workings),
                );
            }
        }

        return $findings;
    }

    /** @return list<Fix> off the walls, or into a bay */
    private static function inside(TankWorking $working, Workings $workings): array
    {
        $passed = PastWall::passed(self::walls($working, $workings));
        $places = array_map(static fn (float $insideM): float => round($insideM, 3), array_column($passed, 'insideM', 'property'));
        $to = PartFields::changed($working->tank, $places);

        $label = new Phrase('tanks.fix.inside', [
            'tank' => $working->tank->name,
            'ways' => array_map(static fn (string $where): Phrase => new Phrase('tanks.fix.inside.way', ['where' => $where]), array_column($passed, 'wall')),
        ]);

        return null === $workings->plan->bayOf($working->tank)
            ? array_filter([FreePlace::fix($label, $working, $to, $workings->plan)])
            : BayFixes::of($working, $workings);
    }

    /** @return non-empty-list<PastWall> */
    private static function walls(TankWorking $working, Workings $workings): array
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
            new PastWall($foremostM - $tank->xM, 'front', 'xM', $foremostM),
            new PastWall($tank->xM - $rearmostM, 'rear', 'xM', $rearmostM),
            new PastWall(abs($tank->yM) - $insideAcrossM, 'side', 'yM', max(0.0, $insideAcrossM) * ($tank->yM < 0 ? -1 : 1)),
            new PastWall($tank->zM - $topM, 'roof', 'zM', max(0.0, $topM)),
        ];
    }
}
