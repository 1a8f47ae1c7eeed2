<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shared;

use YardCask\Core\Plan\Rig\PlannedRig;
use YardCask\Core\Stage\Line\Shared\LineWeight;
use YardCask\Core\Stage\Parts\Shopping\Basket;
use YardCask\Core\Words\Phrasebook;

/**
 * What things that are fitted for good weigh, and where.
 *
 * @phpstan-import-type KeptWeight from LineWeight
 *
 * @phpstan-type FittingValues array{array<string, float>, list<KeptWeight>, list<KeptWeight>}
 */
final readonly class WeighedFittings
{
    /**
     * @param array<string, float> $kg of each thing that is bought, by its name in the catalogue
     * @param list<LineWeight> $ofLine all as one at its centre, or none
     * @param list<LineWeight> $ofTanks the same of what comes and goes with the tanks
     */
    private function __construct(
        public array $kg,
        public array $ofLine,
        public array $ofTanks,
    ) {
    }

    public static function in(Basket $basket, PlannedRig $rig): self
    {
        $kg = $ofLine = $ofTanks = [];
        foreach ($basket->fitted() as [$item, $amount, $at]) {
            $kg[$item->name] = ($kg[$item->name] ?? 0.0) + $amount * $item->kg;
            $one = LineWeight::placed($at->place, $item->name, [$amount * $item->kg, 0.0, $at->zM], $rig);
            if (null === $at->tankId) {
                $ofLine[] = $one;
            } else {
                $ofTanks[] = $one;
            }
        }

        return self::together($kg, $ofLine, $ofTanks);
    }

    /** Both as one. */
    public function and(self $other): self
    {
        $kg = $this->kg;
        foreach ($other->kg as $name => $one) {
            $kg[$name] = ($kg[$name] ?? 0.0) + $one;
        }

        return self::together($kg, [...$this->ofLine, ...$other->ofLine], [...$this->ofTanks, ...$other->ofTanks]);
    }

    /** @return FittingValues */
    public function values(): array
    {
        $values = static fn (LineWeight $one): array => $one->values();

        return [$this->kg, array_map($values, $this->ofLine), array_map($values, $this->ofTanks)];
    }

    /** @param FittingValues $values as values() gave them */
    public static function ofValues(array $values): self
    {
        return new self($values[0], LineWeight::ofValues($values[1]), LineWeight::ofValues($values[2]));
    }

    /**
     * @param array<string, float> $kg
     * @param list<LineWeight> $ofLine
     * @param list<LineWeight> $ofTanks
     */
    private static function together(array $kg, array $ofLine, array $ofTanks): self
    {
        $names = Phrasebook::english();

        return new self(
            array_filter($kg, static fn (float $one): bool => $one > 0),
            LineWeight::together($names->fill('load.sum.fittings-line', []), $ofLine),
            LineWeight::together($names->fill('load.sum.fittings-tanks', []), $ofTanks),
        );
    }
}
