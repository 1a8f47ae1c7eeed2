<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Input\InputReader;

/**
 * Axles that carry a load together: one, or a tandem or three that share it evenly unless a figure is given.
 *
 * What rests on the group acts at Σ share · place; it may carry the least of limit ÷ share.
 */
final readonly class AxleGroup
{
    /**
     * @param non-empty-array<int, AxleSizes> $axles by their index in the rig's list
     * @param non-empty-array<int, float> $shares of each, which add up to 1
     */
    private function __construct(
        private array $axles,
        public array $shares,
        /** Along the rig. */
        public float $xM,
        public float $limitKg,
        /** Of the axle that stops the group first. */
        public int $limitIndex,
    ) {
    }

    /** @param non-empty-array<int, AxleSizes> $axles by their index in the rig's list */
    public static function of(array $axles): self
    {
        $said = array_filter(array_map(static fn (AxleSizes $axle): ?float => $axle->share, $axles), is_float(...));
        $unsaid = \count($axles) - \count($said);
        // Where all say theirs, or too much, they are taken in proportion.
        $rest = 0 === $unsaid ? 0.0 : max(0.0, 1.0 - array_sum($said)) / $unsaid;
        $shares = array_map(static fn (AxleSizes $axle): float => $axle->share ?? $rest, $axles);
        $sum = array_sum($shares);
        $shares = array_map(static fn (float $share): float => $share / $sum, $shares);
        [$xM, $limitKg, $limitIndex] = [0.0, \INF, array_key_first($axles)];
        foreach ($axles as $index => $axle) {
            $xM += $shares[$index] * $axle->xM;
            $mayKg = $shares[$index] > 0 ? $axle->limitKg / $shares[$index] : \INF;
            if ($mayKg < $limitKg) {
                [$limitKg, $limitIndex] = [$mayKg, $index];
            }
        }

        return new self($axles, $shares, $xM, $limitKg, $limitIndex);
    }

    /** @return non-empty-array<int, AxleSizes> by their index in the rig's list */
    public function axles(): array
    {
        return $this->axles;
    }

    public function isOne(): bool
    {
        return 1 === \count($this->axles);
    }

    /** Of its first axle. */
    public function firstIndex(): int
    {
        return array_key_first($this->axles);
    }

    /** The list of a rig's axles has to stand in their order along it, and the shares of a group are parts of one. */
    public function check(InputReader $in): void
    {
        $beforeM = null;
        foreach ($this->axles as $index => $axle) {
            if (null !== $beforeM && $axle->xM <= $beforeM) {
                $in->fail(
                    'axles/'.$index.'/x_m',
                    \sprintf('The axle (%s m) must be further back than the one above it in the list (%s m).', $axle->xM, $beforeM),
                );
            }
            $beforeM = $axle->xM;
        }
        $said = array_sum(array_map(static fn (AxleSizes $axle): float => $axle->share ?? 0.0, $this->axles));
        $allSaid = [] === array_filter($this->axles, static fn (AxleSizes $axle): bool => null === $axle->share);
        if ($this->isOne() ? $said > 0 : ($said >= 1.0 && !$allSaid) || ($allSaid && abs($said - 1.0) > 0.005)) {
            $in->fail(
                'axles/'.$this->firstIndex().'/share',
                $this->isOne()
                    ? 'A single axle carries all of its load: leave its share empty.'
                    : \sprintf('The shares of the axles add up to %s; they must add up to 1, for example 0.5 and 0.5, or be left empty.', $said),
            );
        }
    }
}
