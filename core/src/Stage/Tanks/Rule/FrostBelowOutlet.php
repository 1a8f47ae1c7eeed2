<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\Draining;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** Where frost comes, water that stays in a tank when it is drained freezes there. */
final class FrostBelowOutlet implements RuleWithThresholds
{
    /** Ice of less than this finds room to grow. */
    public const HARMLESS_L = 1.0;

    public static function thresholds(): array
    {
        return ['frost_litres' => Amount::litres(self::HARMLESS_L)];
    }

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $bay = $workings->plan->bayOf($working->tank);
            $leftL = Draining::leftAtBestL($working, $workings, self::HARMLESS_L);
            if (true === $bay?->frost && $leftL > self::HARMLESS_L) {
                $findings[] = new Finding(
                    TanksFinding::FrostBelowOutlet,
                    [$working->tank->id],
                    new Measure($leftL, self::HARMLESS_L, 'L'),
                    new SnagText('tanks.frost-below-outlet.title', 'tanks.frost-below-outlet.why', [
                        'tank' => $working->tank->name,
                        'bay' => $bay->name,
                        'litres' => Amount::litres($leftL),
                    ]),
                    static fn (): array => array_values(
                        array_filter([PortProposal::addition(PortRole::Drain, $working, $workings), ...BayFixes::elsewhere($working, $workings)]),
                    ),
                );
            }
        }

        return $findings;
    }
}
