<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\Sent;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\SolvedPump;
use YardCask\Core\Words\Amount;

/** What an outlet gives alone, at its worst and at its best; solved when somebody asks for it. */
final readonly class OutletExtremes implements Sent
{
    private function __construct(
        /** Its id. */
        public string $outlet,
        /** “3.1 L/min with a low battery, old filters and the tank nearly empty; 5 L/min while the battery charges”. */
        public string $words,
    ) {
    }

    /** @return list<self> of every outlet of a line */
    public static function all(Plan $plan): array
    {
        $workings = Workings::over($plan);
        $line = $workings->of(LineWorkings::class);
        $given = static function (PlannedPart $part, LineCase $case) use ($line): array {
            $solved = $line->solve($case);
            $cycles = [] !== array_filter($solved->pumps, static fn (SolvedPump $pump): bool => $pump->cycles);

            // A pump that reaches its cut-out gives less in the mean than one that just does not.
            return [Amount::flow($solved->outlets[$part->id]->lpm), $cycles ? 'yes' : 'no'];
        };

        return array_map(static function (PlannedPart $part) use ($given, $workings): self {
            [$low, $lowCycles] = $given($part, LineCase::worst([$part->id]));
            [$high, $highCycles] = $given($part, LineCase::strongest([$part->id]));

            return new self(
                $part->id,
                $workings->wording->text(
                    'line.extremes',
                    ['flow_low' => $low, 'low_cycles' => $lowCycles, 'flow_high' => $high, 'high_cycles' => $highCycles],
                ),
            );
        }, $line->graph->outlets);
    }
}
