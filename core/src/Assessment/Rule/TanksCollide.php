<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\FreePlace;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\TankWorking;
use YardCask\Core\Assessment\Workings;

/** Two tanks take up the same space. */
final class TanksCollide implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->tanks as $working) {
            foreach (\array_slice($workings->tanks, 0, $working->index) as $other) {
                $overlapMm = 1000 * $working->tank->overlapM($other->tank);
                if ($overlapMm > 0.5) {
                    $findings[] = new Finding(
                        FindingCode::TanksCollide,
                        [$other->tank->id, $working->tank->id],
                        new Measure($overlapMm, 0.0, 'mm'),
                        \sprintf('%s stands in %s', $working->tank->name, $other->tank->name),
                        \sprintf('They overlap by %s where they could most easily be parted.', $workings->say->mm($overlapMm)),
                        static fn (): array => [self::moveAway($working, $workings)],
                    );
                }
            }
        }

        return $findings;
    }

    private static function moveAway(TankWorking $working, Workings $workings): Fix
    {
        return new Fix(\sprintf('Move %s to a free place', $working->tank->name), FreePlace::move($working, FreePlace::settleAmong($working->tank, $workings->plan)));
    }
}
