<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Tanks\Shared\TankLength;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Stage\Use\Shared\UseWorkings;

/** More is drained into a tank in a stay than it holds. */
final class WasteSmall implements Rule
{
    private const STEP_MM = 10.0;

    public function check(Workings $workings): array
    {
        $use = $workings->of(UseWorkings::class);
        $say = $workings->say;
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->thatTakeWaste() as $working) {
            $stayL = $use->stayLInto($working->tank->id);
            $fullL = $working->fullL();
            if ($stayL > $fullL + 0.05) {
                $findings[] = new Finding(
                    TanksFinding::WasteSmall,
                    [$working->tank->id],
                    new Measure($stayL, $fullL, 'L'),
                    \sprintf('%s is full before the stay is over', $working->tank->name),
                    \sprintf('%s drain into it in %s, and it holds %s. It must be emptied on the way, or be larger.', $say->litres($stayL), $say->days($workings->plan->use->days), $say->litres($fullL)),
                    static fn (): array => [self::lengthen($working, $stayL, $workings)],
                    new LookAt($working->pointer().'/length_mm', 'Show its length'),
                );
            }
        }

        return $findings;
    }

    private static function lengthen(TankWorking $working, float $stayL, Workings $workings): Fix
    {
        $lengthMm = ceil($working->tank->lengthMm * $stayL / $working->fullL() / self::STEP_MM) * self::STEP_MM;

        return TankLength::to($lengthMm, $working, $workings);
    }
}
