<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Figure;
use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Line\LineFigures;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\SolvedPump;
use YardCask\Core\Words\Amount;

/** What an outlet gives alone, at its worst, at its best and on mains; solved when somebody asks for it. */
final readonly class OutletExtremes implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    private function __construct(
        /** Its id. */
        public string $outlet,
        /** “3.1 L/min with a low battery, old filters and the tank nearly empty; 5 L/min while the battery charges”. */
        public string $words,
        /** “On mains at 350 kPa”; empty where mains does not come to it. */
        public string $mains,
        /** What it gives then. */
        public ?Figure $mainsFigure,
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

        $sheet = new FigureSheet($workings->wording);
        LineFigures::addMains($workings, $sheet);
        $mains = $workings->wording->text('line.outlet.mains', ['pressure' => Amount::pressure($line->mainsKpa())]);

        return array_map(static function (PlannedPart $part) use ($given, $workings, $sheet, $mains): self {
            [$low, $lowCycles] = $given($part, LineCase::worst([$part->id]));
            [$high, $highCycles] = $given($part, LineCase::strongest([$part->id]));

            return new self(
                $part->id,
                $workings->wording->text(
                    'line.extremes',
                    ['flow_low' => $low, 'low_cycles' => $lowCycles, 'flow_high' => $high, 'high_cycles' => $highCycles],
                ),
                $sheet->has(LineFigures::mainsId($part)) ? $mains : '',
                $sheet->has(LineFigures::mainsId($part)) ? $sheet->get(LineFigures::mainsId($part)) : null,
            );
        }, $line->graph->outlets);
    }
}
