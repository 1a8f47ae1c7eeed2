<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Runs\RunEnd;
use YardCask\Core\Stage\Tanks\Shared\Draining;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A drain that is opened by taking a cap or a plug off, against the head of a full tank. */
final class DrainCapped implements RuleWithThresholds
{
    /** So little over the drain runs over nobody's arm. */
    public const HARMLESS_L = 5.0;

    public static function thresholds(): array
    {
        return ['capped_litres' => Amount::litres(self::HARMLESS_L)];
    }

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $draining = Draining::of($working, $workings);
            $aboveL = null === $draining ? 0.0 : $working->fullL() - $draining->leftOnLevelL();
            if (null === $draining || !$draining->isCapped() || $aboveL <= self::HARMLESS_L) {
                continue;
            }
            $findings[] = new Finding(
                TanksFinding::DrainCapped,
                [$working->tank->id, $draining->run->port->id],
                new Measure($aboveL, self::HARMLESS_L, 'L'),
                new SnagText('tanks.drain-capped.title', 'tanks.drain-capped.why', [
                    'tank' => $working->tank->name,
                    'pressure' => Amount::pressure($draining->headKpa()),
                    'litres' => Amount::litres($aboveL),
                    'flow' => Amount::flow($draining->firstLpm()),
                ]),
                static fn (): array => self::valve($draining, $workings),
            );
        }

        return $findings;
    }

    /** @return list<Fix> */
    private static function valve(Draining $draining, Workings $workings): array
    {
        $label = new Phrase('tanks.fix.drain-valve', ['tank' => $draining->run->tank->tank->name]);
        if (null !== $draining->run->run) {
            return [new Fix($label, PlanPatch::replace('/runs/'.$draining->run->runIndex.'/end', RunEnd::Valve))];
        }
        $hose = PortProposal::hose($draining->run->port, $draining->run->tank, $workings);

        return null === $hose ? [] : [new Fix($label, $hose)];
    }
}
