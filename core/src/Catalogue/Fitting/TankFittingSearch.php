<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Joint\End;
use YardCask\Core\Joint\EndSystem;
use YardCask\Core\Joint\JointCalculator;
use YardCask\Core\Joint\JointInput;
use YardCask\Core\Joint\PortEnd;

/** What can be had for the ports of tanks and for the hoses from them. */
final readonly class TankFittingSearch
{
    public function __construct(private PartStock $stock)
    {
    }

    /** The hose that is nearest in bore, and for water that is drunk one that is made for it. */
    public function hose(float $boreMm, bool $takesWaste): ?StockFitting
    {
        $best = null;
        foreach ($this->stock->fittings() as $one) {
            $figures = $one->figures;
            $isHose = $figures instanceof HoseFigures && EndSystem::Hose === PortEnd::read($figures->end)->end?->system;
            if ($isHose && ($takesWaste || $figures->foodGrade)) {
                $off = [abs($figures->boreMm - $boreMm), $one->price];
                $best = null === $best || $off < $best[0] ? [$off, $one] : $best;
            }
        }

        return $best[1] ?? null;
    }

    /**
     * The fitting that is nearest in bore.
     *
     * @param End|null $tube that it has to take
     */
    public function fitting(FittingPlace $place, ?End $tube, float $boreMm, bool $isUnderPressure = true): ?StockFitting
    {
        $best = null;
        foreach ($this->stock->fittings() as $one) {
            $figures = $one->figures;
            if (!$figures instanceof TankFittingFigures || $place !== $figures->place) {
                continue;
            }
            $off = [abs($figures->boreMm - $boreMm), $one->price];
            if ((null === $best || $off < $best[0]) && self::takes($figures, $tube, $isUnderPressure)) {
                $best = [$off, $one];
            }
        }

        return $best[1] ?? null;
    }

    /** How far from an edge of its face the middle of a port has to stay, for the hole of its fitting and its seal; in mm. */
    public function fromTheEdgeMm(float $boreMm, bool $takesWaste): float
    {
        $hose = $this->hose($boreMm, $takesWaste)?->figures;
        $tube = $hose instanceof HoseFigures ? PortEnd::read($hose->end)->end : null;
        $figures = null === $tube ? null : $this->fitting(FittingPlace::Tank, $tube, $boreMm, false)?->figures;

        return TankHole::fromTheEdgeMm($figures instanceof TankFittingFigures ? $figures->holeMm : TankHole::forBoreMm($boreMm));
    }

    private static function takes(TankFittingFigures $figures, ?End $tube, bool $isUnderPressure): bool
    {
        $end = null === $figures->end ? null : PortEnd::read($figures->end)->end;

        return null === $tube || (null !== $end && JointCalculator::calculate(new JointInput($tube, $end, $isUnderPressure))->fit->isTight());
    }
}
