<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\KeyedWorkings;
use YardCask\Core\Assessment\Workings;

/** What it takes to draw air into each tank while water leaves it: a thin vent holds back a line that has only a little height. */
final readonly class Breathing implements KeyedWorkings
{
    /** The flow at which it is worked out; others follow as its square. */
    public const LPM = 10.0;
    /** A millimetre of water is no hindrance. */
    private const LEAST_KPA = 0.01;

    /** @param array<string, float> $kpa at 10 L/min, by the tank's id; none where it is next to nothing, or no opening is planned */
    private function __construct(public array $kpa)
    {
    }

    public static function over(Workings $workings): static
    {
        $kpa = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $kpa[$working->tank->id] = Openings::of($working, $workings)->airKpa(self::LPM);
        }

        return new self(array_filter($kpa, static fn (float $one): bool => $one >= self::LEAST_KPA));
    }

    public static function sections(): array
    {
        return ['rig', 'tanks', 'runs'];
    }

    public function key(): string
    {
        return serialize($this->kpa);
    }
}
