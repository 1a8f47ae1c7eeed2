<?php

declare(strict_types=1);

namespace YardCask\Core\Cutting;

/**
 * The least that so many millimetres can cost in whole lengths, and in how few: pieces that can be cut anywhere would cost that, so real ones cost no less.
 */
final class CoverBound
{
    /** @var array<string, array{float, int, array<int, int>}> */
    private array $known = [];

    /** @param non-empty-list<Stock> $stocks of which none is sold by the metre */
    public function __construct(
        private readonly array $stocks,
        private readonly float $kerfMm,
    ) {
    }

    /**
     * @param float $mm of all pieces, each with a cut of the saw
     * @param list<int> $stockLeft how many there are of each stock
     *
     * @return array{float, int, array<int, int>} price, lengths, and how many of each stock; infinite where they do not suffice
     */
    public function least(float $mm, array $stockLeft): array
    {
        return $this->from(0, $mm, $stockLeft);
    }

    /**
     * With the stocks from one on.
     *
     * @param list<int> $stockLeft
     *
     * @return array{float, int, array<int, int>}
     */
    private function from(int $number, float $mm, array $stockLeft): array
    {
        if ($mm <= CutPlan::NOTHING) {
            return [0.0, 0, []];
        }
        if (!isset($this->stocks[$number])) {
            return [\INF, 0, []];
        }
        $key = $number.'|'.round($mm, 3).'|'.implode(',', \array_slice($stockLeft, $number));
        if (isset($this->known[$key])) {
            return $this->known[$key];
        }
        $stock = $this->stocks[$number];
        $eachMm = $stock->lengthMm + $this->kerfMm;
        $most = min($stockLeft[$number], (int) ceil($mm / $eachMm - CutPlan::NOTHING));
        $best = [\INF, 0, []];
        for ($count = 0; $count <= $most; ++$count) {
            [$price, $lengths, $counts] = $this->from($number + 1, $mm - $count * $eachMm, $stockLeft);
            $price += $count * $stock->price;
            $lengths += $count;
            if ($price < $best[0] - CutPlan::NOTHING || ($price <= $best[0] + CutPlan::NOTHING && $lengths < $best[1])) {
                $best = [$price, $lengths, [$number => $count] + $counts];
            }
        }

        return $this->known[$key] = $best;
    }
}
