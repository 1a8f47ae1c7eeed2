<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;

/** Where a pipe of the line draws on a tank that has no outlet yet. */
final class OutletProposal
{
    private const BORE_MM = 13.0;
    private const ELBOW_MM = 60.0;
    /** A place for a hole that is higher than this above where the tank’s water was to be drawn wastes too much of it. */
    private const HIGHER_MM = 10.0;

    /**
     * The tank with an outlet more: where the maker allows a low hole, or else at its outlet height on the first side that has room for
     * the fitting; of a can or a bag, through its cap. Null where it has as many ports as it can.
     *
     * @param string $id of the new port, where no place of the maker’s is taken
     */
    public static function added(PlannedTank $tank, string $id, Plan $plan): ?PlannedTank
    {
        $spare = self::spare($tank, $plan);
        if (null === $spare && \count($tank->ports) >= PlannedTank::MOST_PORTS) {
            return null;
        }
        $name = FreeName::of(ucfirst(PortRole::Outlet->word()), array_column($tank->ports, 'name'));
        $ports = $tank->ports;
        $ports[$spare ?? \count($ports)] = null === $spare
            ? self::port($tank, $id, $name, $plan)
            : PartFields::changed($tank->ports[$spare], ['name' => $name, 'role' => PortRole::Outlet, 'drilled' => true]);

        return PartFields::changed($tank, ['ports' => array_values($ports)]);
    }

    private static function port(PlannedTank $tank, string $id, string $name, Plan $plan): PlannedPort
    {
        [$lengthMm, $widthMm] = $tank->body()->sizeMm();
        $upMm = min($tank->heightMm, $tank->outletHeightMm + self::BORE_MM / 2);
        $at = static fn (Face $face): PlannedPort => new PlannedPort(
            id: $id,
            name: $name,
            role: PortRole::Outlet,
            face: $face,
            alongMm: round((0 === $face->axis() ? $widthMm : $lengthMm) / 2),
            upMm: Face::Top === $face ? round($widthMm / 2) : $upMm,
            boreMm: self::BORE_MM,
            roomMm: self::ELBOW_MM,
            drilled: true,
        );
        if (TankMounting::Fixed !== $tank->form) {
            return $at(Face::Top);
        }
        $sides = array_map($at, [Face::Rear, Face::Front, Face::Left, Face::Right]);
        foreach ($sides as $port) {
            if (PortRoom::missingMm($port, $tank, $plan) <= PortRoom::NOTHING_MM && PortRoom::isReached($port, $tank, $plan)) {
                return $port;
            }
        }

        return $sides[0];
    }

    /** The lowest place in a side where the maker allows a hole, if that is low and wide enough and its fitting has room. */
    private static function spare(PlannedTank $tank, Plan $plan): ?int
    {
        $lowest = null;
        foreach ($tank->ports as $index => $port) {
            if (
                PortRole::Spare === $port->role
                && 2 !== $port->face->axis()
                && $port->boreMm >= self::BORE_MM
                && $port->lowestMm() <= $tank->outletHeightMm + self::HIGHER_MM
                && PortRoom::missingMm(PartFields::changed($port, ['role' => PortRole::Outlet]), $tank, $plan) <= PortRoom::NOTHING_MM
                && (null === $lowest || $port->lowestMm() < $tank->ports[$lowest]->lowestMm())
            ) {
                $lowest = $index;
            }
        }

        return $lowest;
    }
}
