<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\FreePlace;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\TankProposal;
use YardCask\Core\Assessment\TankWorking;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\StayStyle;
use YardCask\Core\Plan\Supply;

/** A fixed tank is planned where a can that is carried to the tap would do. */
final class CanEnough implements Rule
{
    public function check(Workings $workings): array
    {
        $largest = $workings->largestFixedTank();
        $need = $workings->need(Supply::Main);
        if (null === $largest || !self::suffices($workings)) {
            return [];
        }
        $say = $workings->say;
        $wholeStay = $need->carryL <= TankProposal::CAN_L;

        return [new Finding(
            FindingCode::CanEnough,
            [$largest->tank->id],
            new Measure($wholeStay ? $need->carryL : $need->dailyL, TankProposal::CAN_L, 'L'),
            'A can would do',
            $wholeStay
                ? \sprintf('The whole stay needs %s. A 20 L can holds that, weighs nothing on the chassis and is filled at any tap.', $say->litres($need->carryL))
                : \sprintf('At serviced sites a tap is near every day, and a day takes %s. A 20 L can holds that.', $say->litres($need->dailyL)),
            static fn (): array => [self::replaceByCan($largest, $workings)],
        )];
    }

    /** Whether one 20 L can covers the main supply: the whole stay, or each day where a tap is near. */
    public static function suffices(Workings $workings): bool
    {
        $need = $workings->need(Supply::Main);

        return $need->carryL > 0 && ($need->carryL <= TankProposal::CAN_L
            || (StayStyle::Sites === $workings->plan->use->stay && $need->dailyL * (1 + $workings->plan->use->reserve) <= TankProposal::CAN_L));
    }

    private static function replaceByCan(TankWorking $largest, Workings $workings): Fix
    {
        $patch = PlanPatch::remove($largest->pointer())->and(FreePlace::addCans($workings->plan, Supply::Main, 1));
        $daily = $workings->need(Supply::Main)->carryL > TankProposal::CAN_L;

        return new Fix(\sprintf('A 20 L can instead of %s%s', $largest->tank->name, $daily ? ', filled every day' : ''), $daily ? $patch->and(PlanPatch::replace('/use/days', 1)) : $patch);
    }
}
