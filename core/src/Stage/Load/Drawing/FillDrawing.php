<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;

/** How full the fresh tanks travel, and how full they may. */
final readonly class FillDrawing implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /** @param list<TankFill> $tanks */
    private function __construct(
        public string $full,
        public string $travel,
        /** From 0 to 1, over all fresh tanks. */
        public float $fraction,
        /** Each of several; none where there is one. */
        #[ListOf(TankFill::class)]
        public array $tanks,
        /** The most that they may hold filled alike. */
        public string $max,
        public float $maxFraction,
        /** “rear axle full”; empty where nothing stops it. */
        public string $limitedBy,
    ) {
    }

    public static function of(Workings $workings): self
    {
        $wording = $workings->wording;
        $tanks = $workings->of(TanksWorkings::class);
        $greatest = $workings->of(GreatestFill::class);
        $fullL = $tanks->fullL(WaterKind::Fresh);
        $fresh = $tanks->that(WaterKind::Fresh);

        return new self(
            full: $wording->litres($fullL),
            travel: $wording->litres($tanks->travelL()),
            fraction: $fullL > 0 ? $tanks->travelL() / $fullL : 0.0,
            tanks: \count($fresh) > 1 ? array_map(
                static fn (TankWorking $working): TankFill => new TankFill(
                    $working->tank->id,
                    $wording->litres($workings->plan->travelFillOf($working->tank) * $working->fullL()),
                    $wording->litres($working->fullL()),
                ),
                $fresh,
            ) : [],
            max: $wording->litresAtMost($greatest->litres),
            maxFraction: $greatest->fraction,
            limitedBy: null === $greatest->limitedBy
                ? ''
                : $wording->text('load.fill.limited', ['limit' => LimitWords::name($greatest->limitedBy, $workings->rigWords)]),
        );
    }
}
