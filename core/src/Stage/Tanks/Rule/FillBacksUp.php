<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Tanks\Shared\Filling;
use YardCask\Core\Stage\Tanks\Shared\HoseFixes;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A hose gives more than a fill takes by its own fall: it stands back in the neck and splashes. */
final class FillBacksUp implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $filling = Filling::of($working, $workings);
            if (null === $filling || $filling->takesAll()) {
                continue;
            }
            $takesLpm = $filling->takesLpm();
            $findings[] = new Finding(
                TanksFinding::FillBacksUp,
                [$working->tank->id, $filling->run->port->id],
                new Measure($filling->givenLpm, $takesLpm, 'L/min'),
                new SnagText('tanks.fill-backs-up.title', 'tanks.fill-backs-up.why', [
                    'hose' => $filling->run->run?->name,
                    'flow_takes' => Amount::flow($takesLpm),
                    'flow_given' => Amount::flow($filling->givenLpm),
                ]),
                static fn (): array => self::ways($filling, $workings),
                new LookAt('/load/hose_lpm', new Phrase('tanks.fill-backs-up.look')),
            );
        }

        return $findings;
    }

    /** @return list<Fix> */
    private static function ways(Filling $filling, Workings $workings): array
    {
        $wider = HoseFixes::wider($filling->run, $filling->takesAll(...), $workings);

        return [...$wider, ...$filling->isByHose() ? HoseFixes::turnedDown($filling->takesLpm(), $workings) : []];
    }
}
