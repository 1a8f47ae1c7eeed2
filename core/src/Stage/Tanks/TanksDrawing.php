<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Assessment\Drawing;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Tank\TankMark;
use YardCask\Core\Tank\TankVolumeCalculator;

/** What the Tanks stage draws beside the tanks' own sizes. */
final readonly class TanksDrawing implements Drawing
{
    use SentAsDeclared;

    /** @param list<TankSection> $tanks */
    private function __construct(
        #[ListOf(TankSection::class)]
        public array $tanks,
    ) {
    }

    public static function of(Workings $workings): self
    {
        return new self(array_map(static fn (TankWorking $working): TankSection => self::section($working, $workings), $workings->of(TanksWorkings::class)->all()));
    }

    private static function section(TankWorking $working, Workings $workings): TankSection
    {
        $say = $workings->say;
        $tank = $working->tank;
        $travelL = $workings->plan->travelFillOf($tank) * $working->volume->fullL();

        return new TankSection(
            $tank->id,
            $say->litres($tank->count * $travelL),
            $say->litres($tank->count * $travelL).' '.$workings->words->underway(),
            TankVolumeCalculator::levelMm($tank->tankInput(), $travelL),
            array_map(static fn (TankMark $mark): SectionMark => new SectionMark(
                TanksFigures::markId($tank->id, $mark),
                $say->share($mark->fraction),
                $say->litres($mark->usableL),
                $mark->heightMm,
                // Both from the level in whole millimetres, so that they add up to the height.
                $say->mm(round($mark->heightMm)),
                $say->mm($tank->heightMm - round($mark->heightMm)),
            ), $working->volume->marks),
            Braking::of($working, $workings)?->section(),
        );
    }
}
