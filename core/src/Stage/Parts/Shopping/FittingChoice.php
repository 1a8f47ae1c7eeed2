<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\BandFigures;
use YardCask\Core\Catalogue\Fitting\CableFigures;
use YardCask\Core\Catalogue\Fitting\CoverFigures;
use YardCask\Core\Catalogue\Fitting\FittingKind;
use YardCask\Core\Catalogue\Fitting\FixingFigures;
use YardCask\Core\Catalogue\Fitting\FuseFigures;
use YardCask\Core\Catalogue\Fitting\SleeveFigures;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Catalogue\Fitting\TubeClipFigures;
use YardCask\Core\Catalogue\PartStock;

/** The fitting of a kind that suits a size: the smallest or the nearest that does, or what the plan has instead of it. */
final readonly class FittingChoice
{
    /** @param array<string, string> $instead what is used in the place of what, by their ids */
    private function __construct(
        private PartStock $stock,
        private array $instead,
    ) {
    }

    public static function in(Workings $workings): self
    {
        return new self($workings->stock, array_column($workings->plan->line->substitutes ?? [], 'instead', 'item'));
    }

    public function called(string $id): ?StockFitting
    {
        return $this->stock->fittings()[$id] ?? null;
    }

    public function any(FittingKind $kind): ?StockFitting
    {
        return $this->best($kind, static fn (): float => 0.0);
    }

    /** What closes round so much. */
    public function band(FittingKind $kind, float $outerMm): ?StockFitting
    {
        return $this->best($kind, static fn (StockFitting $one): ?float => $one->figures instanceof BandFigures
            && $one->figures->fromMm <= $outerMm && $one->figures->toMm >= $outerMm ? $one->figures->toMm - $one->figures->fromMm : null);
    }

    /** What is made for a pipe of so much outside, or nearly. */
    public function forTube(FittingKind $kind, float $outerMm, float $offMm): ?StockFitting
    {
        return $this->best($kind, static fn (StockFitting $one): ?float => $one->figures instanceof TubeClipFigures
            && abs($one->figures->outerMm - $outerMm) <= $offMm ? abs($one->figures->outerMm - $outerMm) : null);
    }

    public function cable(float $mm2): ?StockFitting
    {
        return $this->best(FittingKind::Cable, static fn (StockFitting $one): ?float => $one->figures instanceof CableFigures
            && $one->figures->copperMm2 >= $mm2 ? $one->figures->copperMm2 : null);
    }

    public function fuse(float $amps): ?StockFitting
    {
        return $this->best(FittingKind::Fuse, static fn (StockFitting $one): ?float => $one->figures instanceof FuseFigures
            && $one->figures->amps >= $amps ? $one->figures->amps : null);
    }

    public function fixing(FittingKind $kind, float $kg): ?StockFitting
    {
        return $this->best($kind, static fn (StockFitting $one): ?float => $one->figures instanceof FixingFigures
            && $one->figures->holdsKg >= $kg ? $one->figures->holdsKg : null);
    }

    /** What goes round a pipe of so much outside. */
    public function sleeve(FittingKind $kind, float $outerMm): ?StockFitting
    {
        return $this->best($kind, static fn (StockFitting $one): ?float => $one->figures instanceof SleeveFigures
            && $one->figures->innerMm >= $outerMm ? $one->figures->innerMm : null);
    }

    /** What covers a hole so wide. */
    public function cover(FittingKind $kind, float $holeMm): ?StockFitting
    {
        return $this->best($kind, static fn (StockFitting $one): ?float => $one->figures instanceof CoverFigures
            && $one->figures->holeMm >= $holeMm ? $one->figures->holeMm : null);
    }

    /** @param \Closure(StockFitting): (float|null) $off how far off it is; null where it does not do */
    private function best(FittingKind $kind, \Closure $off): ?StockFitting
    {
        $best = null;
        foreach ($this->stock->fittingsOf($kind) as $one) {
            $far = $off($one);
            if (null !== $far && (null === $best || $far < $best[0])) {
                $best = [$far, $one];
            }
        }

        $chosen = $best[1] ?? null;
        // A fuse is chosen for its wire: no other is used in its place.
        $instead = null === $chosen || FittingKind::Fuse === $kind || !isset($this->instead[$chosen->id]) ? null : $this->called($this->instead[$chosen->id]);

        return $kind === $instead?->kind && null !== $off($instead) ? $instead : $chosen;
    }
}
