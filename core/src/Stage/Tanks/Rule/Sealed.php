<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Tanks\Shared\FilledTanks;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\WayOut;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Mains water runs into a tank that nothing can leave: its walls take the whole pressure. */
final class Sealed implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            foreach (FilledTanks::streams($working, $workings) as $stream) {
                if ($stream->isMains() && $stream->isSealed() && $stream->restKpa > $stream->openings->wallKpa) {
                    $findings[] = new Finding(
                        TanksFinding::Sealed,
                        [$working->tank->id],
                        new Measure($stream->restKpa, $stream->openings->wallKpa, 'kPa'),
                        new SnagText('tanks.sealed.title', 'tanks.sealed.why', [
                            'tank' => $working->tank->name,
                            'pressure' => Amount::pressure($stream->restKpa),
                            'pressure_rated' => Amount::pressure($stream->openings->wallKpa),
                            'rating' => null === $working->tank->wallKpa ? 'assumed' : 'known',
                        ]),
                        static fn (): array => WayOut::fixes($working, $workings),
                        new LookAt($working->pointer().'/wall_kpa', new Phrase('tanks.vent-thin.look')),
                    );
                }
            }
        }

        return $findings;
    }
}
