<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\RunEnd;
use YardCask\Core\Stage\Tanks\Shared\Draining;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;

/** A drain that is opened by taking a cap or a plug off, against the head of a full tank. */
final class DrainCapped implements Rule
{
    /** So little over the drain runs over nobody's arm. */
    public const HARMLESS_L = 5.0;

    public function check(Workings $workings): array
    {
        $findings = [];
        $say = $workings->say;
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
                \sprintf('The drain of %s has no valve', $working->tank->name),
                \sprintf('Its cap has to come off against %s, with %s behind it at up to %s over the hand, and cannot be put back before they are out.', $say->pressure($draining->headKpa()), $say->litres($aboveL), $say->flow($draining->firstLpm())),
                static fn (): array => self::valve($draining, $workings),
            );
        }

        return $findings;
    }

    /** @return list<Fix> */
    private static function valve(Draining $draining, Workings $workings): array
    {
        $label = \sprintf('A valve at the drain of %s', $draining->run->tank->tank->name);
        if (null !== $draining->run->run) {
            return [new Fix($label, PlanPatch::replace('/runs/'.$draining->run->runIndex.'/end', RunEnd::Valve))];
        }
        $hose = PortProposal::hose($draining->run->port, $draining->run->tank, $workings->plan);

        return null === $hose ? [] : [new Fix($label, $hose)];
    }
}
