<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Plan\Load\PlannedSeat;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\PlannedRig;
use YardCask\Core\Words\Phrasebook;

/** Seats for more people, in rows behind those that are there. */
final class Seating
{
    private const ROW_M = 0.8;
    private const ABOVE_FLOOR_M = 0.5;
    /** From the centreline, as a fraction of the rig's width. */
    private const BESIDE = 0.25;

    /** @return list<PlannedSeat> with ids and names that the plan does not have */
    public static function more(Plan $plan, int $count): array
    {
        $ids = array_column($plan->load->seats, 'id');

        return \array_slice(self::filled($plan->load->seats, \count($plan->load->seats) + $count, $plan->load->rig, $ids), \count($plan->load->seats));
    }

    /**
     * @param list<PlannedSeat> $seats
     * @param list<string> $taken ids
     *
     * @return list<PlannedSeat> at least $wanted of them
     */
    public static function filled(array $seats, int $wanted, PlannedRig $rig, array $taken = []): array
    {
        $sizes = $rig->sizes();
        $rearM = $rig->bodyFromM() + $sizes->lengthM - 0.3;
        $lastM = [] === $seats ? $rig->bodyFromM() + 0.4 : max(array_column($seats, 'xM'));
        $zM = [] === $seats ? $sizes->floorM + self::ABOVE_FLOOR_M : $seats[0]->zM;
        for ($extra = 0; \count($seats) < $wanted; ++$extra) {
            $number = \count($seats) + 1;
            while (\in_array('seat-'.$number, $taken, true)) {
                ++$number;
            }
            $taken[] = 'seat-'.$number;
            $xM = round(min($rearM, $lastM + self::ROW_M * (intdiv($extra, 2) + 1)), 2);
            $seats[] = new PlannedSeat(
                'seat-'.$number,
                Phrasebook::english()->fill('load.new-seat', ['number' => (string) (\count($seats) + 1)]),
                PlannedSeat::PERSON_KG,
                $xM,
                round((0 === $extra % 2 ? -1 : 1) * self::BESIDE * $sizes->widthM, 2),
                $zM,
            );
        }

        return $seats;
    }
}
