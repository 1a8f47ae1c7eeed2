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
            $worst = max(self::places($working, $workings));
            if ($worst[0] > 0.0005) {
                $findings[] = new Finding(
                    TanksFinding::TankOutside,
                    [$working->tank->id],
                    new Measure($worst[0] * 1000, 0.0, 'mm'),
                    new SnagText(
                        'tanks.outside.title',
                        'tanks.outside.why',
                        ['tank' => $working->tank->name, 'out' => Amount::mm($worst[0] * 1000), 'where' => $worst[1]],
                    ),
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

        $label = new Phrase('tanks.fix.inside', [
            'tank' => $working->tank->name,
            'ways' => array_map(static fn (string $where): Phrase => new Phrase('tanks.fix.inside.way', ['where' => $where]), array_column($out, 1)),
            'leaves' => FreePlace::leaving($working->tank, $to, $workings->plan),
        ]);

        return new Fix($label, FreePlace::move($working, $to, $workings->plan));
    }

    /**
     * @return non-empty-list<array{float, string, string, float}> by how many metres it is out, past what (front, rear, side, roof), and which
     *                                                             property is to become what
     */
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
            [$foremostM - $tank->xM, 'front', 'xM', $foremostM],
            [$tank->xM - $rearmostM, 'rear', 'xM', $rearmostM],
            [abs($tank->yM) - $insideAcrossM, 'side', 'yM', max(0.0, $insideAcrossM) * ($tank->yM < 0 ? -1 : 1)],
            [$tank->zM - $topM, 'roof', 'zM', max(0.0, $topM)],
        ];
    }
}
