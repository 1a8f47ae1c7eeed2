<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Tanks\Shared\OpenEnd;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\Shared\TiltedTank;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** A tank cut open in each tilt that its rig meets, with its open hoses over it. */
final class TiltSketches
{
    /** @return list<TiltSketch> */
    public static function of(TankWorking $working, Workings $workings): array
    {
        $ends = array_values(
            array_filter($workings->of(RunWorkings::class)->openEnds(), static fn (OpenEnd $end): bool => $end->run->tank->index === $working->index),
        );

        return array_map(static fn (TiltedTank $tilted): TiltSketch => self::sketch($tilted, $working, $ends, $workings), TiltedTank::all($working, $workings));
    }

    /** @param list<OpenEnd> $ends of this tank */
    private static function sketch(TiltedTank $tilted, TankWorking $working, array $ends, Workings $workings): TiltSketch
    {
        $tilt = $tilted->tilt;
        $low = $working->tank->body()->low;
        $name = static fn (OpenEnd $end): string => $end->name() instanceof Phrase ? $workings->wording->phrase($end->name()) : $end->name();
        $sketches = array_map(static fn (OpenEnd $end): OpenEndSketch => new OpenEndSketch(
            $name($end),
            0 === $tilt->axis() ? 1000 * $end->highest->xM - $low[0] : 1000 * $end->highest->yM - $low[1],
            1000 * ($end->highest->zM - $working->tank->zM),
            $end->spillsByM($tilted) > 0.0005,
        ), $ends);

        $title = $workings->wording->text('tanks.tilt.title', ['tilt' => $tilt]);

        return new TiltSketch(
            id: $tilt->value,
            title: $title,
            lengthwise: 0 === $tilt->axis(),
            lengthMm: $tilted->lengthMm,
            fromMm: $tilted->lowWallMm,
            toMm: $tilted->farWallMm(),
            words: self::words($tilted, $ends, $workings),
            ends: $sketches,
        );
    }

    /** @param list<OpenEnd> $ends */
    private static function words(TiltedTank $tilted, array $ends, Workings $workings): string
    {
        $wording = $workings->wording;
        $words = [$wording->text('tanks.tilt.surface', [
            'tilt' => $tilted->tilt,
            'much' => $tilted->tilt->measure($workings->plan->load->rig),
            'height' => Amount::mm(max(0.0, $tilted->highWallMm())),
        ])];
        foreach ($ends as $end) {
            $overM = $end->spillsByM($tilted);
            $words[] = $wording->text(
                $overM > 0.0005 ? 'tanks.tilt.spills' : 'tanks.tilt.holds',
                ['hose' => $end->name(), 'by' => Amount::mm(1000 * abs($overM))],
            );
        }

        return implode(' ', $words);
    }
}
