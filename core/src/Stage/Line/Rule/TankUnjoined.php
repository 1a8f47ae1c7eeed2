<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Line\Edit\TankJoin;
use YardCask\Core\Stage\Line\Graph\WrongJoints;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A tank of fresh or drinking water that no outlet draws on, and that nobody pours out. */
final class TankUnjoined implements Rule
{
    public function check(Workings $workings): array
    {
        $wrong = new WrongJoints($workings->of(LineWorkings::class)->graph);
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            if ($working->isDrawn) {
                continue;
            }
            $isFixed = TankMounting::Fixed === $working->tank->form;
            $findings[] = new Finding(
                LineFinding::TankUnjoined,
                [$working->tank->id],
                new Measure($working->usableL(), 0.0, 'L'),
                new SnagText('line.tank-unjoined.title', $isFixed ? 'line.tank-unjoined.why' : 'line.tank-unjoined.why.can', [
                    'tank' => $working->tank->name,
                    'litres' => Amount::litres($working->usableL()),
                    'count' => (int) $working->tank->count,
                ]),
                static fn (): array => self::fixes($working, $workings),
                causes: $wrong->downstreamOf($working->tank),
            );
        }

        return $findings;
    }

    /** @return list<Fix> */
    private static function fixes(TankWorking $working, Workings $workings): array
    {
        $tank = $working->tank;
        $pour = new Fix(new Phrase('line.fix.pour', ['tank' => $tank->name]), PlanPatch::replace($working->pointer().'/poured', true));

        return [
            ...TankMounting::Fixed === $tank->form ? [] : [$pour],
            ...TankJoin::fixes($tank, array_column($workings->plan->tanks, 'id'), $workings),
        ];
    }
}
