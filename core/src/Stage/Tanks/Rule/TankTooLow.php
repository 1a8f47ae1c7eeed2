<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A tank of a vehicle or trailer reaches through the floor, or hangs so low that the road reaches it. */
final class TankTooLow implements RuleWithThresholds
{
    /** Below a tank, loaded: a kerb and a stone pass under it. */
    public const CLEARANCE_M = 0.18;

    public static function thresholds(): array
    {
        return ['clearance_least' => Amount::metres(self::CLEARANCE_M)];
    }

    public function check(Workings $workings): array
    {
        if (RigKind::Boat === $workings->plan->load->rig->kind()) {
            return [];
        }
        $floorM = $workings->plan->load->rig->sizes()->floorM;
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $tank = $working->tank;
            $topM = $tank->zM + $tank->heightMm / 1000;
            if ($tank->zM < self::CLEARANCE_M - 0.0005 && $tank->zM < $floorM - 0.0005) {
                $findings[] = new Finding(
                    TanksFinding::TankTooLow,
                    [$tank->id],
                    new Measure($tank->zM * 1000, self::CLEARANCE_M * 1000, 'mm'),
                    new SnagText('tanks.too-low.title', 'tanks.too-low.why', [
                        'tank' => $tank->name,
                        'clearance' => Amount::mm($tank->zM * 1000),
                        'clearance_least' => Amount::mm(self::CLEARANCE_M * 1000),
                    ]),
                    static fn (): array => self::proposals($working, $workings),
                );
            } elseif ($tank->zM < $floorM - 0.0005 && $topM > $floorM + 0.0005) {
                $findings[] = new Finding(
                    TanksFinding::TankThroughFloor,
                    [$tank->id],
                    new Measure(1000 * min($floorM - $tank->zM, $topM - $floorM), 0.0, 'mm'),
                    new SnagText('tanks.through-floor.title', 'tanks.through-floor.why', [
                        'tank' => $tank->name,
                        'from' => Amount::mm($tank->zM * 1000),
                        'to' => Amount::mm($topM * 1000),
                        'floor' => Amount::mm($floorM * 1000),
                    ]),
                    static fn (): array => self::proposals($working, $workings),
                );
            }
        }

        return $findings;
    }

    /** @return list<Fix> hung under the floor where there is room, or stood on it */
    private static function proposals(TankWorking $working, Workings $workings): array
    {
        $tank = $working->tank;
        $floorM = $workings->plan->load->rig->sizes()->floorM;
        $hungM = round($floorM - $tank->heightMm / 1000, 3);
        $plan = $workings->plan;
        $to = static fn (string $key, float $zM): ?Fix => FreePlace::fix(
            new Phrase($key, ['tank' => $tank->name]),
            $working,
            PartFields::changed($tank, ['zM' => $zM]),
            $plan,
        );
        if (null !== $plan->bayOf($tank)) {
            return BayFixes::of($working, $workings);
        }
        $hung = $hungM >= self::CLEARANCE_M ? $to('tanks.fix.hang', $hungM) : null;

        return array_values(array_filter([$hung, $to('tanks.fix.stand', $floorM)]));
    }
}
