<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Line\Shared\LineFill;
use YardCask\Core\Stage\Line\Shared\LineFills;

/** All that can be left running into a tank: a hose in its fill, and the line. */
final class FilledTanks
{
    /** @return list<FillStream> none for a can, which stands open while it is filled */
    public static function streams(TankWorking $working, Workings $workings): array
    {
        if (TankMounting::Can === $working->tank->form) {
            return [];
        }
        $filling = Filling::of($working, $workings);
        $openings = Openings::of($working, $workings);
        $lines = $workings->of(LineFills::class)->of($working->tank);

        return [
            ...true === $filling?->isByHose() ? [FillStream::byHose($filling)] : [],
            ...array_map(static fn (LineFill $fill): FillStream => FillStream::byLine($fill, $openings), $lines),
        ];
    }
}
