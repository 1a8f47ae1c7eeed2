<?php

declare(strict_types=1);

namespace YardCask\Core\Cutting;

/** Fills one length as full as it gets, within a number of attempts: longer pieces are tried first. */
final class BestFill
{
    private float $leastOverMm = \INF;
    /** @var array<int, int> */
    private array $best = [];
    private int $steps = 0;

    /**
     * @param list<float> $lengths
     * @param array<int, int> $left
     */
    private function __construct(
        private readonly array $lengths,
        private readonly array $left,
        private readonly float $kerfMm,
        private readonly int $mostSteps,
    ) {
    }

    /**
     * @param int $first the kind of piece that has to be in it
     * @param list<float> $lengths of each kind of piece, the longest first
     * @param array<int, int> $left how many there are of each kind
     *
     * @return non-empty-array<int, int> how many pieces of each kind
     */
    public static function of(float $lengthMm, int $first, array $lengths, array $left, float $kerfMm, int $mostSteps): array
    {
        --$left[$first];
        $search = new self($lengths, $left, $kerfMm, $mostSteps);
        $search->fill($lengthMm - $lengths[$first], $first, []);
        $fill = $search->best;
        $fill[$first] = ($fill[$first] ?? 0) + 1;

        return $fill;
    }

    /** @param array<int, int> $fill */
    private function fill(float $roomMm, int $kind, array $fill): void
    {
        if ($roomMm < $this->leastOverMm) {
            $this->leastOverMm = $roomMm;
            $this->best = $fill;
        }
        for (; isset($this->lengths[$kind]); ++$kind) {
            if ($this->leastOverMm < CutPlan::NOTHING || ++$this->steps > $this->mostSteps) {
                return;
            }
            $eachMm = $this->lengths[$kind] + $this->kerfMm;
            $most = min($this->left[$kind], (int) floor(($roomMm + CutPlan::NOTHING) / $eachMm));
            for ($count = $most; $count > 0; --$count) {
                $this->fill($roomMm - $count * $eachMm, $kind + 1, [$kind => $count] + $fill);
            }
        }
    }
}
