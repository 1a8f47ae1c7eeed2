<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Edit;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\FittingPlace;
use YardCask\Core\Catalogue\Fitting\HoseFigures;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Catalogue\Fitting\TankFittingFigures;
use YardCask\Core\Catalogue\Fitting\TankFittingSearch;
use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Runs\PlannedRun;
use YardCask\Core\Plan\Runs\RunEnd;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Line\Shared\PipeEndings;

/** What goes into the holes of fixed tanks, which hoses lead from there, and what those end at. */
final readonly class TankFittings
{
    private TankFittingSearch $search;

    public function __construct(private Workings $workings)
    {
        $this->search = new TankFittingSearch($workings->stock);
    }

    /** @return list<PlanPatch> one for each port or run about which the plan says nothing yet, and for which something can be had */
    public function patches(): array
    {
        $plan = $this->workings->plan;
        $patches = [];
        foreach ($plan->tanks as $tankIndex => $tank) {
            foreach (TankMounting::Fixed === $tank->form ? $tank->ports : [] as $index => $port) {
                if (null === $port->end && null === $port->fitting) {
                    array_push($patches, ...$this->port($port, $tank, '/tanks/'.$tankIndex.'/ports/'.$index));
                }
            }
        }

        return $patches;
    }

    /** @return list<PlanPatch> */
    private function port(PlannedPort $port, PlannedTank $tank, string $path): array
    {
        $run = $this->workings->plan->runFrom($port);

        return match (true) {
            PortRole::Spare === $port->role => [],
            PortRole::Gauge === $port->role => $this->gauge($port, $path),
            PortRole::Outlet === $port->role => $this->outlet($port, $path),
            null === $run => [],
            default => $this->withHose($port, $run, $tank, $path),
        };
    }

    /** @return list<PlanPatch> */
    private function gauge(PlannedPort $port, string $path): array
    {
        $gauge = $this->search->fitting(Face::Top === $port->face ? FittingPlace::Sender : FittingPlace::SightTube, null, $port->boreMm);

        return null === $gauge ? [] : [PlanPatch::add($path.'/fitting', $gauge->id)];
    }

    /** @return list<PlanPatch> for the pipe that draws there */
    private function outlet(PlannedPort $port, string $path): array
    {
        foreach ($this->workings->of(PipeEndings::class)->all as $ending) {
            if ($ending->outlet?->id === $port->id) {
                $tube = null === $ending->pipe->tube->end ? null : PortEnd::read($ending->pipe->tube->end)->end;
                $fitting = $this->search->fitting(FittingPlace::Tank, $tube, $ending->pipe->tube->boreMm)
                    ?? $this->search->fitting(FittingPlace::Tank, null, $port->boreMm);

                return self::fitted($fitting, $path);
            }
        }

        return [];
    }

    /** @return list<PlanPatch> */
    private function withHose(PlannedPort $port, PlannedRun $run, PlannedTank $tank, string $path): array
    {
        $hose = $this->search->hose($run->boreMm ?? $port->boreMm, $tank->holds->takesWaste());
        $end = $hose?->figures instanceof HoseFigures ? PortEnd::read($hose->figures->end) : null;
        $fitting = null === $end ? null : $this->search->fitting(FittingPlace::Tank, $end->end, $port->boreMm, false);
        if (null === $hose || null === $end || null === $fitting) {
            return [];
        }
        $at = '/runs/'.(int) array_search($run, $this->workings->plan->runs, true);
        $place = $this->placeOf($run, $port, $tank);
        $far = null === $place ? null : $this->search->fitting($place, $end->end, $run->boreMm ?? $port->boreMm, false);
        $patches = [
            ...self::fitted($fitting, $path),
            PlanPatch::set($at.'/hose', $hose->id, null !== $run->hose),
            PlanPatch::set($at.'/hose_end', (string) $end, null !== $run->hoseEnd),
        ];
        if ($far?->figures instanceof TankFittingFigures && null !== $far->figures->end) {
            $patches[] = PlanPatch::set($at.'/fitting', $far->id, null !== $run->fitting);
            $patches[] = PlanPatch::set($at.'/fitting_end', $far->figures->end, null !== $run->fittingEnd);
        }

        return $patches;
    }

    /** Where a hose ends at a fitting; null where it ends in the open. */
    private function placeOf(PlannedRun $run, PlannedPort $port, PlannedTank $tank): ?FittingPlace
    {
        return match (true) {
            RunEnd::Outside === $run->end && PortRole::Fill === $port->role => RigKind::Boat === $this->workings->plan->load->rig->kind()
                ? FittingPlace::DeckFill
                : FittingPlace::WallFill,
            RunEnd::Outside === $run->end => FittingPlace::WallVent,
            \in_array($run->end, [RunEnd::Valve, RunEnd::Cap], true) => $tank->holds->takesWaste() ? FittingPlace::WasteEnd : FittingPlace::DrainEnd,
            default => null,
        };
    }

    /** @return list<PlanPatch> */
    private static function fitted(?StockFitting $fitting, string $path): array
    {
        return $fitting?->figures instanceof TankFittingFigures && null !== $fitting->figures->end
            ? [PlanPatch::add($path.'/end', $fitting->figures->end), PlanPatch::add($path.'/fitting', $fitting->id)]
            : [];
    }
}
