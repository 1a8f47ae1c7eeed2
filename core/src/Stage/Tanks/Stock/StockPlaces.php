<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Stock;

use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\PlaceInBay;

/** Where tanks that can be had stand in the bays of a plan, in place of one of its tanks or beside all of them. */
final class StockPlaces
{
    /** No tank of a plan has it. */
    private const SECOND = '-';

    /** The plan without the tank that is replaced. */
    public readonly Plan $without;
    /** Where the tank that is replaced stands in the plan's list. */
    public readonly ?int $replacedIndex;
    private readonly ?PlannedTank $replaced;
    private int $tried = 0;
    /** @var array<string, ?PlannedTank> */
    private array $known = [];

    /** @param string|null $replaced the id of the tank whose place is to be filled; null to add one */
    public function __construct(public readonly Plan $plan, ?string $replaced)
    {
        $index = array_search($replaced, array_column($plan->tanks, 'id'), true);
        $this->replacedIndex = false === $index ? null : $index;
        $this->replaced = null === $this->replacedIndex ? null : $plan->tanks[$this->replacedIndex];
        $this->without = null === $this->replaced
            ? $plan
            : PartFields::changed(
                $plan,
                ['tanks' => array_values(array_filter($plan->tanks, fn (PlannedTank $tank): bool => $tank !== $this->replaced))],
            );
    }

    /** How many places and turns were tried. */
    public function tried(): int
    {
        return $this->tried;
    }

    /** Where it stands as the only one that is added, with what sits in the tank that it replaces; worked out once. */
    public function alone(StockTank $stock, PlannedBay $bay): ?PlannedTank
    {
        return $this->known($stock, $bay, $this->replaced->id ?? FreeId::of('tank', $this->plan));
    }

    /** A second one, where it would stand alone if the first is not in its way there. */
    public function beside(PlannedTank $first, StockTank $stock, PlannedBay $bay, Plan $with): ?PlannedTank
    {
        $alone = $this->known($stock, $bay, self::SECOND);
        if (null === $alone) {
            return null;
        }
        $id = FreeId::of('tank', PartFields::changed($this->plan, ['tanks' => [...$this->plan->tanks, $first]]));
        if (FreePlace::isFree($alone, [...$first->solids(), ...$first->fittings()])) {
            return StockTank::renamed($alone, $id, FreeName::of($stock->name, array_column($with->tanks, 'name')), $with);
        }

        return $this->standing($stock, $bay, $with, $id);
    }

    private function known(StockTank $stock, PlannedBay $bay, string $id): ?PlannedTank
    {
        $key = $stock->id.' '.$bay->id.' '.$id;
        if (!\array_key_exists($key, $this->known)) {
            $this->known[$key] = $this->standing($stock, $bay, $this->without, $id);
        }

        return $this->known[$key];
    }

    /** At the place in the bay that is nearest to its low corner; null where it does not fit or cannot be got in. */
    private function standing(StockTank $stock, PlannedBay $bay, Plan $plan, string $id): ?PlannedTank
    {
        $name = FreeName::of($stock->name, array_column($plan->tanks, 'name'));
        $tank = $stock->planned($id, $name, $plan, $id === $this->replaced?->id ? $this->fitted() : []);
        $this->tried += 2;

        if (PlaceInBay::tooLargeMm($tank, $bay) > 0) {
            return null;
        }
        $cornered = PlaceInBay::cornered($tank, $bay, $plan);

        return PlaceInBay::nearest($cornered, $bay, $plan) ?? self::bare($cornered, $bay, $plan);
    }

    /** @return list<PlannedPort> what sits in the tank that is replaced goes over, with its hoses */
    private function fitted(): array
    {
        $ports = $this->replaced->ports ?? [];

        return array_values(array_filter($ports, static fn (PlannedPort $port): bool => PortRole::Spare !== $port->role));
    }

    /** Where the tank has room and its fittings have none: they can go to another face. */
    private static function bare(PlannedTank $tank, PlannedBay $bay, Plan $plan): ?PlannedTank
    {
        $placed = PlaceInBay::nearest(PartFields::changed($tank, ['ports' => []]), $bay, $plan);

        return null === $placed
            ? null
            : PartFields::changed(
                $placed,
                ['ports' => $placed->lengthMm === $tank->lengthMm && $placed->widthMm === $tank->widthMm ? $tank->ports : $tank->turned()->ports],
            );
    }
}
