<?php

declare(strict_types=1);

namespace YardCask\Core\Cutting;

use YardCask\Core\Input\InvalidInput;

/** Cuts pieces from lengths on sale at the least price. Up to 20 pieces nothing is better; of more, the fullest lengths are cut first. */
final class CuttingCalculator
{
    public const MOST_EXACT = 20;
    private const ENOUGH = 1_000_000;
    private const MOST_STEPS = 1_500_000;
    /** To fill one length as full as it gets. */
    private const MOST_FILL_STEPS = 3000;

    /** @throws InvalidInput when the lengths do not suffice */
    public static function calculate(CuttingInput $input): Cutting
    {
        $lengths = array_values(array_unique(array_column($input->pieces, 'lengthMm')));
        rsort($lengths);
        $left = array_map(
            static fn (float $mm): int => \count(array_filter($input->pieces, static fn (Piece $one): bool => $one->lengthMm === $mm)),
            $lengths,
        );
        $stockLeft = array_map(static fn (Stock $one): int => $one->count ?? self::ENOUGH, $input->stocks);
        [$begun, $tail, $tailStock] = self::greedy($input, $lengths, $left, $stockLeft, self::MOST_EXACT) ?? throw self::tooFew();
        $search = new CutSearch($input->stocks, $lengths, $input->kerfMm, self::known($input, $lengths, $left, $stockLeft), self::MOST_STEPS);
        $best = $search->run($tail, $tailStock, $begun) ?? throw self::tooFew();

        return new Cutting($best->price, self::named($best, $input, $lengths), [] === $begun->cuts && $search->isDone());
    }

    /**
     * A way that is good already, which the search has to better: the fullest lengths first, or those lengths that would do if pieces could be cut
     * anywhere.
     *
     * @param list<float> $lengths
     * @param list<int> $left
     * @param list<int> $stockLeft
     */
    private static function known(CuttingInput $input, array $lengths, array $left, array $stockLeft): ?CutPlan
    {
        $known = self::greedy($input, $lengths, $left, $stockLeft, 0)[0] ?? null;
        if ([] !== array_filter($input->stocks, static fn (Stock $one): bool => $one->isByTheMetre())) {
            return $known;
        }
        $mm = array_sum(array_column($input->pieces, 'lengthMm')) + \count($input->pieces) * $input->kerfMm;
        $counts = (new CoverBound($input->stocks, $input->kerfMm))->least($mm, $stockLeft)[2];
        $enough = array_map(static fn (int $number): int => $counts[$number] ?? 0, array_keys($stockLeft));
        $other = self::greedy($input, $lengths, $left, $enough, 0)[0] ?? null;

        return null !== $other && $other->isBetterThan($known) ? $other : $known;
    }

    /**
     * The fullest lengths first, until so many pieces are left.
     *
     * @param list<float> $lengths
     * @param list<int> $left
     * @param list<int> $stockLeft
     *
     * @return array{CutPlan, list<int>, list<int>}|null what is decided, and the pieces and lengths that are left; null where the lengths run out
     */
    private static function greedy(CuttingInput $input, array $lengths, array $left, array $stockLeft, int $untilPieces): ?array
    {
        $plan = CutPlan::none();
        while (array_sum($left) > $untilPieces) {
            $fullest = self::fullest($input, $lengths, $left, $stockLeft);
            if (null === $fullest) {
                return null;
            }
            [$stock, $fill, $price] = $fullest;
            $plan = $plan->with($stock, $fill, $price);
            --$stockLeft[$stock];
            foreach ($fill as $kind => $count) {
                $left[$kind] -= $count;
            }
        }

        return [$plan, array_values($left), array_values($stockLeft)];
    }

    /**
     * Of every stock the fullest length with the longest piece that is left; of these the one that costs least for what it gives.
     *
     * @param list<float> $lengths
     * @param array<int, int> $left
     * @param array<int, int> $stockLeft
     *
     * @return array{int, array<int, int>, float}|null null where no length is left that takes it
     */
    private static function fullest(CuttingInput $input, array $lengths, array $left, array $stockLeft): ?array
    {
        $best = null;
        $leastPrice = \INF;
        $first = array_key_first(array_filter($left, static fn (int $count): bool => $count > 0)) ?? 0;
        foreach ($input->stocks as $number => $stock) {
            if ($stockLeft[$number] < 1 || $stock->lengthMm < $lengths[$first]) {
                continue;
            }
            $fill = $stock->isByTheMetre() ? [$first => 1] : BestFill::of($stock->lengthMm, $first, $lengths, $left, $input->kerfMm, self::MOST_FILL_STEPS);
            $mm = 0.0;
            foreach ($fill as $kind => $count) {
                $mm += $count * $lengths[$kind];
            }
            $price = $stock->isByTheMetre() ? $stock->price * $mm / 1000 : $stock->price;
            if ($price / $mm < $leastPrice) {
                $leastPrice = $price / $mm;
                $best = [$number, $fill, $price];
            }
        }

        return $best;
    }

    /**
     * @param list<float> $lengths
     *
     * @return list<CutLength>
     */
    private static function named(CutPlan $plan, CuttingInput $input, array $lengths): array
    {
        $names = [];
        foreach ($input->pieces as $piece) {
            $names[(string) $piece->lengthMm][] = $piece->name;
        }
        $cut = [];
        foreach ($plan->cuts as [$number, $fill]) {
            $stock = $input->stocks[$number];
            ksort($fill);
            $pieces = [];
            $usedMm = -$input->kerfMm;
            foreach ($fill as $kind => $count) {
                array_push($pieces, ...array_splice($names[(string) $lengths[$kind]], 0, $count));
                $usedMm += $count * ($lengths[$kind] + $input->kerfMm);
            }
            $cut[] = new CutLength($stock->name, $pieces, $stock->isByTheMetre() ? 0.0 : max(0.0, $stock->lengthMm - $usedMm));
        }

        return $cut;
    }

    private static function tooFew(): InvalidInput
    {
        return InvalidInput::at(
            '/stocks',
            'There are not enough lengths for all pieces. Add some, or leave out the count of one: then there are as many as needed.',
        );
    }
}
