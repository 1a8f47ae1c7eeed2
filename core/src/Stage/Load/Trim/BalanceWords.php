<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Trim;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\Mass;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** How the weight lies along the rig, in words: which end of a boat is deeper, and what a tail overhang takes off the front axle. */
final class BalanceWords
{
    /** A person a step from the middle of a boat: less nobody sees. */
    private const LEVEL_KG_M = 30.0;
    private const NOTHING_KG = 0.5;

    /** Null where there is nothing to say. */
    public static function of(Workings $workings): ?string
    {
        $rig = $workings->plan->load->rig;

        return match (true) {
            RigKind::Boat === $rig->kind() => self::trim($workings),
            $rig instanceof PlannedRoadRig => self::overhang($rig, $workings),
            default => null,
        };
    }

    /** The moment of all that is aboard about amidships; empty she is taken to lie level. */
    private static function trim(Workings $workings): string
    {
        $parts = [];
        foreach ([RigState::Travelling, RigState::UsedUp] as $state) {
            $kgM = array_sum(array_map(static fn (Mass $mass): float => $mass->kg * $mass->xM, $workings->of(LoadWorkings::class)->aboardIn($state)));
            $parts[] = new Phrase('load.balance.trim-part', [
                'how' => abs($kgM) < self::LEVEL_KG_M ? 'level' : ($kgM > 0 ? 'stern' : 'bow'),
                'moment' => Amount::moment(abs($kgM)),
                'when' => $state->phrase(RigKind::Boat),
            ]);
        }

        return $workings->wording->text('load.balance.trim', ['travelling' => $parts[0], 'used' => $parts[1]]);
    }

    /** Weight behind the rear axle adds more than itself to that axle and takes the difference off the front axle. */
    private static function overhang(PlannedRoadRig $rig, Workings $workings): ?string
    {
        $wheelbaseM = $rig->wheelbaseM();
        $behind = array_values(
            array_filter(
                $workings->of(LoadWorkings::class)->aboardIn(RigState::Travelling),
                static fn (Mass $mass): bool => $mass->xM > $wheelbaseM && $mass->kg > 0,
            ),
        );
        $liftedKg = array_sum(array_map(static fn (Mass $mass): float => $mass->kg * ($mass->xM / $wheelbaseM - 1), $behind));
        if ($liftedKg < self::NOTHING_KG) {
            return null;
        }

        return $workings->wording->text('load.balance.overhang', [
            'axles' => $workings->rigWords->axles,
            'behind' => array_column($behind, 'name'),
            'lifted' => Amount::kg($liftedKg),
        ]);
    }
}
