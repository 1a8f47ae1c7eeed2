<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drawing;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Cutting\CutLength;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Line\Shared\PipeEnding;
use YardCask\Core\Stage\Parts\Cutting\CutList;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\Wording;

/** One sort of pipe to be cut: its lengths as bars with their pieces, and what is to be measured first. */
final readonly class CutCard implements Sent
{
    /** What is cut so near to the plan is as planned. */
    private const SAME_M = 0.0005;
    private const SHORTEST_M = 0.01;
    /** What nobody has measured is said to the next hundredth of a metre. */
    private const ABOUT = 100;

    /**
     * @param list<CutBar> $bars
     * @param list<CutPiece> $assumed
     * @param list<float> $offcuts
     */
    private function __construct(
        /** By which this sort of pipe is known. */
        public string $key,
        public string $name,
        public string $how,
        #[ListOf(CutBar::class)]
        public array $bars,
        #[ListOf(CutPiece::class)]
        public array $assumed,
        /** What the workshop has of it, each piece in m. */
        #[ListOf('float')]
        public array $offcuts,
    ) {
    }

    /** @return list<self> */
    public static function all(Workings $workings): array
    {
        return array_map(static fn (CutList $one): self => self::of($one, $workings), CutList::all($workings));
    }

    private static function of(CutList $list, Workings $workings): self
    {
        $wording = $workings->wording;
        $cutting = $list->cutting();
        $pieces = [];
        foreach ($list->measured as [$ending, $lengthM, $ins]) {
            $words = $wording->text('parts.cut.piece', ['pipe' => $ending->phrase(), 'long' => Amount::mm(1000 * $lengthM)]);
            $pieces[$ending->pipe->id] = self::piece($words, [$ending, $lengthM, $ins], $workings);
        }
        // Off a roll, each piece is a bar of its own.
        $bars = null === $cutting
            ? array_map(static fn (CutPiece $piece): CutBar => new CutBar([$piece], 0.0, '', false), array_values($pieces))
            : array_map(static fn (CutLength $one): CutBar => new CutBar(
                array_map(static fn (string $id): CutPiece => $pieces[$id], $one->pieces),
                $one->offcutMm,
                $wording->text('parts.cut.offcut', ['long' => Amount::mm($one->offcutMm)]),
                CutList::IN_THE_WORKSHOP === $one->name,
            ), $cutting->lengths);

        return new self(
            $list->key,
            $list->name,
            null === $list->soldM ? $wording->text('parts.cut.roll') : $wording->text('parts.cut.lengths', ['length' => Amount::distance($list->soldM)]),
            $bars,
            array_map(static fn (array $one): CutPiece => self::piece(
                $wording->text('parts.cut.assumed', ['pipe' => $one[0]->phrase(), 'long' => Amount::distance(ceil(self::ABOUT * $one[1]) / self::ABOUT)]),
                $one,
                $workings,
            ), $list->assumed),
            $list->offcutsM,
        );
    }

    /** @param array{PipeEnding, float, list<float>} $one a pipe, its length in m, and what of that goes in at its ends, in mm */
    private static function piece(string $words, array $one, Workings $workings): CutPiece
    {
        [$ending, $lengthM, $ins] = $one;
        $cutM = $workings->records->cutM[$ending->pipe->id] ?? null;

        return new CutPiece(
            pipe: $ending->pipe->id,
            name: $workings->wording->phrase($ending->phrase()),
            words: $words,
            mm: 1000 * $lengthM,
            hidden: null === $ending->pipe->lengthM ? '' : self::in($ins, $workings->wording),
            cut: null === $cutM ? '' : $workings->wording->text('parts.cut.as-cut', ['long' => Amount::mm(1000 * $cutM)]),
            fix: null === $cutM ? null : self::asCut($ending, $cutM, array_sum($ins) / 1000, $workings),
        );
    }

    /** Puts the length as it was cut into the plan; null where it is there. */
    private static function asCut(PipeEnding $ending, float $cutM, float $insM, Workings $workings): ?SentFix
    {
        $seenM = round($cutM - $insM, 4);
        if ($seenM < self::SHORTEST_M || abs($seenM - ($ending->pipe->lengthM ?? \INF)) < self::SAME_M) {
            return null;
        }
        $index = (int) array_search($ending->pipe, $workings->plan->line->pipes, true);
        $patch = PlanPatch::set('/line/pipes/'.$index.'/length_m', $seenM, null !== $ending->pipe->lengthM);

        return SentFix::of(new Fix(new Phrase('parts.fix.as-cut', ['length' => Amount::mm(1000 * $seenM)]), $patch), $workings->wording);
    }

    /** @param list<float> $ins in mm */
    private static function in(array $ins, Wording $wording): string
    {
        return $wording->text('parts.cut.in', ['from' => Amount::mm($ins[0] ?? 0.0), 'to' => Amount::mm($ins[1] ?? 0.0)]);
    }
}
