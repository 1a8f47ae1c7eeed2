<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;

/** Every two outlets of a line, open at the same time; solved when somebody asks for it. */
final readonly class PairTable implements Sent
{
    /** @param list<PairRow> $rows an outlet each, none where the line has no two */
    private function __construct(
        #[ListOf(PairRow::class)]
        public array $rows,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $workings = Workings::over($plan);
        $line = $workings->of(LineWorkings::class);
        $outlets = $line->graph->outlets;
        $cell = static function (PlannedPart $one, PlannedPart $other) use ($line, $workings): PairCell {
            // In the order of the plan: the same two are solved once.
            $open = array_values(array_intersect($line->all(), [$one->id, $other->id]));
            $solved = $line->solve(new LineCase($open))->outlets[$one->id];

            return new PairCell($workings->wording->flow($solved->lpm), $solved->isEnough());
        };

        return new self(
            \count($outlets) < 2 ? [] : array_map(
                static fn (PlannedPart $one): PairRow => new PairRow(
                    $one->name,
                    array_map(static fn (PlannedPart $other): PairCell => $cell($one, $other), $outlets),
                ),
                $outlets,
            ),
        );
    }
}
