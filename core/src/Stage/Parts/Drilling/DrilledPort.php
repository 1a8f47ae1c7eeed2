<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drilling;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Catalogue\Fitting\TankFittingFigures;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Tanks\Shared\HolePlaces;

/** A port of a fixed tank that a fitting from the catalogue goes into, for which a hole is drilled. */
final readonly class DrilledPort
{
    private function __construct(
        public PlannedPort $port,
        public PlannedTank $tank,
        public StockFitting $fitting,
        public TankFittingFigures $figures,
        /** How much room its hole and seal lack, in mm. */
        public float $missingMm,
    ) {
    }

    /** @return list<self> in the order of the tanks and their ports */
    public static function all(Workings $workings): array
    {
        return array_merge(...array_map(static fn (PlannedTank $one): array => self::in($one, $workings->stock), $workings->plan->tanks));
    }

    /** @return list<self> */
    public static function in(PlannedTank $tank, PartStock $stock): array
    {
        $places = new HolePlaces($tank, $stock);
        $drilled = [];
        foreach (TankMounting::Fixed === $tank->form ? $tank->ports : [] as $port) {
            $fitting = null === $port->fitting ? null : $stock->fittings()[$port->fitting] ?? null;
            if ($fitting?->figures instanceof TankFittingFigures) {
                $drilled[] = new self($port, $tank, $fitting, $fitting->figures, $places->missingMm($port));
            }
        }

        return $drilled;
    }
}
