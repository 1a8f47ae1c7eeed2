<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Runs\PlannedRun;
use YardCask\Core\Plan\Runs\PlannedRunPoint;
use YardCask\Core\Plan\Runs\RunEnd;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Words\Phrase;

/** A port to begin with, and the run that it usually has: a fill falls from the wall, a vent rises before it falls, a drain ends below. */
final class PortProposal
{
    private const FILL_BORE_MM = 38.0;
    private const VENT_BORE_MM = 19.0;
    private const OUTLET_BORE_MM = 13.0;
    private const DRAIN_BORE_MM = 13.0;
    /** What stands in waste water would block a narrower one. */
    private const WASTE_DRAIN_BORE_MM = 25.0;
    private const GAUGE_BORE_MM = 30.0;
    private const ELBOW_MM = 60.0;
    private const FROM_THE_EDGE_MM = 80.0;
    private const FROM_A_CORNER_MM = 50.0;
    /** How far out of the middle line a boat's side deck is, as a share of half her beam. */
    private const SIDE_DECK = 0.85;

    /**
     * With its usual bore and on its usual face, or with others. Null where the tank, or the plan, has as many as it can, or where nothing
     * could be drawn any more.
     */
    public static function addition(PortRole $role, TankWorking $working, Workings $workings, ?float $boreMm = null, ?Face $face = null): ?Fix
    {
        $plan = $workings->plan;
        $tank = $working->tank;
        $wanted = self::port($role, $face, $tank, $workings, $boreMm);
        $spare = self::spareFor($wanted, $tank);
        $drilled = ['name' => $wanted->name, 'role' => $role, 'drilled' => true] + (null === $boreMm ? [] : ['boreMm' => $boreMm]);
        $port = null === $spare ? $wanted : PartFields::changed($tank->ports[$spare], $drilled);
        // To an outlet leads a pipe of the line.
        $needsHose = !\in_array($role, [PortRole::Gauge, PortRole::Spare, PortRole::Outlet], true);
        $hose = $needsHose ? self::hose($port, $working, $workings) : PlanPatch::none();
        if (null === $hose || (null === $spare && \count($tank->ports) >= PlannedTank::MOST_PORTS)) {
            return null;
        }
        $ports = $tank->ports;
        $ports[$spare ?? \count($ports)] = $port;
        $with = PartFields::changed($tank, ['ports' => array_values($ports)]);
        if ($with->overflowMm() <= $with->outletMm()) {
            return null;
        }
        $patch = null === $spare ? PlanPatch::append($working->pointer().'/ports', $port) : PlanPatch::replace($working->pointer().'/ports/'.$spare, $port);

        return new Fix(new Phrase('tanks.fix.add-port', ['role' => $role]), $patch->and($hose));
    }

    /**
     * With its usual bore and on its usual face, or with others: a drain through the bottom where its fitting has room there, or else as low as
     * a hole can be drilled; everything else under the lid. Beside the holes that are there.
     */
    public static function port(PortRole $role, ?Face $face, PlannedTank $tank, Workings $workings, ?float $boreMm = null): PlannedPort
    {
        $usual = self::usual($role, $tank, $workings->plan);
        $bored = null === $boreMm ? $usual : PartFields::changed($usual, ['boreMm' => $boreMm]);
        if (null !== $face) {
            $at = PortRole::Drain === $role ? ['upMm' => 0.0, 'alongMm' => $usual->alongMm] : ['upMm' => max(0.0, $tank->heightMm - $bored->boreMm / 2)];
            $bored = PartFields::changed(PortRoom::movedTo($face, $bored, $tank), $at);
        } elseif (PortRole::Drain === $role && self::drainsDown($tank, $bored, $workings->plan)) {
            $bored = PortRoom::movedTo(Face::Bottom, $bored, $tank);
        }

        return TankMounting::Fixed === $tank->form ? (new HolePlaces($tank, $workings->stock))->freed($bored) ?? $bored : $bored;
    }

    /** Whether there is room under a tank for a drain: known only of one in a bay. */
    private static function drainsDown(PlannedTank $tank, PlannedPort $drain, Plan $plan): bool
    {
        return null !== $plan->bayOf($tank)
            && PortRoom::missingMm(PortRoom::movedTo(Face::Bottom, $drain, $tank), $tank, $plan) <= PortRoom::NOTHING_MM;
    }

    /** The place on the wanted face where the maker allows a hole and nothing sits yet, nearest to where it is wanted; null without one. */
    private static function spareFor(PlannedPort $wanted, PlannedTank $tank): ?int
    {
        $nearest = null;
        $away = static fn (PlannedPort $port): float => hypot($port->alongMm - $wanted->alongMm, $port->upMm - $wanted->upMm);
        foreach (PortRole::Spare === $wanted->role ? [] : $tank->ports as $index => $port) {
            if (PortRole::Spare === $port->role && $port->face === $wanted->face && (null === $nearest || $away($port) < $away($tank->ports[$nearest]))) {
                $nearest = $index;
            }
        }

        return $nearest;
    }

    /** The hose that a port without one usually has; null where the plan has as many as it can. */
    public static function hose(PlannedPort $port, TankWorking $working, Workings $workings): ?PlanPatch
    {
        return \count($workings->plan->runs) >= Plan::MOST_RUNS ? null : PlanPatch::append('/runs', self::run($port, $working, $workings));
    }

    private static function usual(PortRole $role, PlannedTank $tank, Plan $plan): PlannedPort
    {
        $edgeMm = min(self::FROM_THE_EDGE_MM, $tank->rowMm() / 2);
        $middleMm = round($tank->widthMm / 2);
        $drainBoreMm = $tank->holds->takesWaste() ? self::WASTE_DRAIN_BORE_MM : self::DRAIN_BORE_MM;
        [$face, $alongMm, $upMm, $boreMm] = match ($role) {
            PortRole::Fill => [Face::Top, round($edgeMm), $middleMm, self::FILL_BORE_MM],
            // At the rear, away from where braking throws the water.
            PortRole::Vent => [Face::Top, round($tank->rowMm() - $edgeMm), $middleMm, self::VENT_BORE_MM],
            PortRole::Gauge => [Face::Top, round($tank->rowMm() / 2), $middleMm, self::GAUGE_BORE_MM],
            PortRole::Overflow => [
                Face::Rear,
                $middleMm,
                $tank->overflowHeightMm + self::VENT_BORE_MM / 2 <= $tank->heightMm
                    ? $tank->overflowHeightMm + self::VENT_BORE_MM / 2
                    : $tank->heightMm - self::VENT_BORE_MM / 2,
                self::VENT_BORE_MM,
            ],
            PortRole::Spare => [Face::Top, round($edgeMm), $middleMm, self::GAUGE_BORE_MM],
            PortRole::Outlet => [Face::Front, $middleMm, $tank->outletHeightMm + self::OUTLET_BORE_MM / 2, self::OUTLET_BORE_MM],
            // In a corner: parked with that one lowest, almost nothing stays.
            PortRole::Drain => [Face::Rear, min(self::FROM_A_CORNER_MM, $middleMm), 0.0, $drainBoreMm],
        };

        return new PlannedPort(
            id: FreeId::of($role->value, $plan),
            name: FreeName::of(ucfirst($role->word()), array_column($tank->ports, 'name')),
            role: $role,
            face: $face,
            alongMm: self::held(PlannedPort::class, 'along_mm', $alongMm),
            upMm: self::held(PlannedPort::class, 'up_mm', $upMm),
            boreMm: $boreMm,
            roomMm: self::ELBOW_MM,
            drilled: true,
        );
    }

    private static function run(PlannedPort $port, TankWorking $working, Workings $workings): PlannedRun
    {
        $plan = $workings->plan;
        $wording = $workings->wording;
        $start = (new TankRun($working, 0, $port, null, null))->points()[0];
        $sizes = $plan->load->rig->sizes();
        $wallM = ($start->yM < 0 ? -1 : 1) * $sizes->widthM / 2;
        // What is joined stands at one level: a hose of the lower tank passes over the higher.
        $alike = $plan->tanksThatHold($working->tank->holds);
        $lidM = max([0.0, ...array_map(static fn (PlannedTank $one): float => $one->zM + $one->heightMm / 1000, $alike)]);
        $highM = static fn (float $aboveM): float => round(min($sizes->heightM, $lidM + $aboveM), 3);
        $belowM = RigKind::Boat === $plan->load->rig->kind() ? round($sizes->heightM * 0.7, 3) : round(max(0.2, $sizes->floorM - 0.12), 3);
        $xM = round($start->xM, 3);
        $isBoat = RigKind::Boat === $plan->load->rig->kind();
        $free = $wording->text('tanks.new.free-end');
        $points = match ($port->role) {
            // On a boat it comes through the side deck.
            PortRole::Fill => [
                $isBoat
                    ? [$wording->text('tanks.new.deck-fill'), $xM, round($wallM * self::SIDE_DECK, 3), round($sizes->heightM, 3)]
                    : [$wording->text('tanks.new.inlet'), $xM, $wallM, $highM(0.3)],
            ],
            PortRole::Vent, PortRole::Overflow => [
                [$wording->text($isBoat ? 'tanks.new.raised-loop' : 'tanks.new.highest'), $xM, round($start->yM, 3), $highM(0.2)],
                [$free, $xM, $wallM, $belowM],
            ],
            default => [[
                $wording->text($isBoat && $working->tank->holds->takesWaste() ? 'tanks.new.seacock' : 'tanks.new.free-end'),
                $xM,
                round($start->yM, 3),
                round(min($start->zM - 0.02, $belowM), 3),
            ]],
        };
        $planned = [];
        foreach ($points as $index => [$name, $x, $y, $z]) {
            $planned[] = new PlannedRunPoint(
                FreeId::of('point', $plan, $index),
                $name,
                self::held(PlannedRunPoint::class, 'x_m', $x),
                self::held(PlannedRunPoint::class, 'y_m', $y),
                self::held(PlannedRunPoint::class, 'z_m', $z),
            );
        }
        $end = match ($port->role) {
            PortRole::Fill => RunEnd::Outside,
            PortRole::Drain => RunEnd::Valve,
            default => RunEnd::Open,
        };
        $name = FreeName::of($wording->text('tanks.port-of', ['port' => $port->name, 'tank' => $working->tank->name]), array_column($plan->runs, 'name'));

        return new PlannedRun(FreeId::of('run', $plan), $name, $port->id, $end, $planned);
    }

    /**
     * A place, or the nearest to it that a plan can hold.
     *
     * @param class-string $class of what stands there
     */
    private static function held(string $class, string $key, float $at): float
    {
        $range = PartFields::measured($class, $key)->range;

        return max($range->min, min($range->max, $at));
    }
}
