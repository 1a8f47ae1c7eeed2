<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\SystemPage;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Line\Shared\TankJoin;
use YardCask\Core\Stage\Line\Shared\TapReach;

/** Lays the line of a system in a plan, chain by chain from the plan's tanks, and keeps parts of the same kind that the plan has. */
final class SystemLine
{
    /** @var array<string, PlannedPart> by the name that it has in the chains */
    private array $named = [];
    /** @var list<PlannedPart> */
    private array $parts = [];
    /** @var list<PlannedPipe> */
    private array $pipes = [];
    /** @var list<PlannedPart> of the line before, not used again so far */
    private array $old;
    private bool $tankMissing = false;

    private function __construct(
        private Plan $plan,
        private readonly PartStock $stock,
    ) {
        $this->old = $plan->line->parts;
    }

    /** @return LaidSystem|null null where the plan has not the tanks that it begins at */
    public static function lay(Plan $plan, SystemPage $page, PartStock $stock): ?LaidSystem
    {
        $system = new self($plan, $stock);
        foreach ($page->chains as $chain) {
            $system->addChain($chain, $page);
            if ($system->tankMissing) {
                return null;
            }
        }
        foreach ($page->loose as $id) {
            $system->add($id, $id);
        }
        $dropped = array_values(
            array_filter(
                $system->old,
                static fn (PlannedPart $part): bool => $part->kind->isOutlet()
                    || $part->kind->isPump()
                    || \in_array(
                        $part->kind,
                        [PartKind::Filter, PartKind::Accumulator, PartKind::StorageHeater, PartKind::Exchanger, PartKind::MainsInlet],
                        true,
                    ),
            ),
        );

        $line = new LinePlan($system->parts, $system->pipes, $page->system);

        $laid = self::withEveryTank(PartFields::changed($system->plan, ['line' => $line]), $stock);

        $charged = PartFields::changed($laid, ['line' => ChargedVessels::of($laid, $plan->line)]);

        return new LaidSystem($page, $charged, array_column($dropped, 'name'));
    }

    /** Fixed tanks that the system does not name are joined beside one that it draws on; cans that it does not name are poured by hand. */
    private static function withEveryTank(Plan $plan, PartStock $stock): Plan
    {
        foreach ($plan->tanks as $index => $tank) {
            if (Workings::over($plan)->of(TapReach::class)->isDrawn($tank)) {
                continue;
            }
            $poured = [...$plan->tanks, $index => PartFields::changed($tank, ['poured' => true])];
            $plan = TankMounting::Fixed === $tank->form ? TankJoin::joined($tank, $plan, $stock) : PartFields::changed($plan, ['tanks' => $poured]);
        }

        return $plan;
    }

    /** @param list<string> $chain */
    private function addChain(array $chain, SystemPage $page): void
    {
        $before = null;
        $isPumped = [] === array_filter($chain, fn (string $link): bool => true === $this->stock->part(self::stockOf($link))?->kind->isPump());
        foreach ($chain as $index => $link) {
            [$end, $isPump] = $this->end($link, 0 === $index, \count($chain) - 1 === $index);
            if (null === $end) {
                $this->tankMissing = true;

                return;
            }
            if (null !== $before) {
                $pipe = $this->stock->pipe($isPumped ? $page->pipe : $page->suction) ?? throw new \LogicException('No pipe is called '.$page->pipe.'.');
                $this->pipes[] = $pipe->planned($this->freeId('pipe'), 'Pipe '.(\count($this->pipes) + 1), $before, $end[0]);
            }
            $before = $end[1];
            $isPumped = $isPumped || $isPump;
        }
    }

    private static function stockOf(string $link): string
    {
        return (string) preg_replace('/[#:].*$/', '', $link);
    }

    /** @return array{array{string, string}|null, bool} the ports at which water comes and goes; whether it is a pump */
    private function end(string $link, bool $isFirst, bool $isLast): array
    {
        if (1 !== preg_match('/^(?<tank>@[a-z]+)?(?<stock>[a-z0-9-]*)(?:#(?<name>[a-z0-9-]+))?(?::(?<port>[a-z]+))?$/', $link, $is)) {
            throw new \LogicException('“'.$link.'” is no link of a chain.');
        }
        $port = PartPort::tryFrom($is['port'] ?? '');
        if ('' !== $is['tank']) {
            $tank = $this->tank($is['tank']);
            $at = null === $tank ? null : (PartPort::Inlet === $port ? $tank->id.'.'.$port->value : $this->outletOf($tank));

            return [null === $at ? null : [$at, $at], false];
        }
        $name = '' === ($is['name'] ?? '') ? $is['stock'] : $is['name'];
        $part = '' === $is['stock']
            ? $this->named[$name] ?? throw new \LogicException('No part is called '.$name.'.')
            : $this->named[$name] ?? $this->add($is['stock'], $name);
        // In the middle of a chain a named port is where water enters; a three-way valve that collects lets it out at its common port.
        [$entry, $exit] = [LineDraft::entry($part->kind), LineDraft::exit($part->kind)];
        if (null !== $port) {
            [$entry, $exit] = $isFirst ? [$entry, $port] : [$port, $isLast ? $port : $exit];
        }

        return [[$part->port($entry), $part->port($exit)], $part->kind->isPump()];
    }

    /** @return string|null its first outlet, or a new one; null where it has as many ports as it can */
    private function outletOf(PlannedTank $tank): ?string
    {
        [$outlet, $draft] = LineDraft::of($this->plan)->outletOf($tank) ?? [null, null];
        $this->plan = $draft?->plan() ?? $this->plan;

        return $outlet;
    }

    private function add(string $stockId, string $name): PlannedPart
    {
        $named = $this->stock->part($stockId) ?? throw new \LogicException('No part is called '.$stockId.'.');
        $stock = PoweredHeater::insteadOf($named, $this->plan, $this->stock);
        $taken = array_column($this->parts, 'name');
        foreach ($this->old as $index => $old) {
            if ($old->kind === $stock->kind) {
                array_splice($this->old, $index, 1);
                $part = PartFields::changed($old, ['reversed' => false, 'name' => FreeName::of($old->name, $taken)]);

                return $this->keep($part, $name);
            }
        }
        $wanted = $stock->shortName();

        return $this->keep(
            $stock->planned(
                $this->freeId(str_replace('_', '-', $stock->kind->value)),
                FreeName::of($wanted, $taken),
                UsualHeight::of($stock->kind, $this->plan),
            ),
            $name,
        );
    }

    private function keep(PlannedPart $part, string $name): PlannedPart
    {
        $this->parts[] = $part;

        return $this->named[$name] = $part;
    }

    private function freeId(string $prefix): string
    {
        $taken = [...array_column($this->parts, 'id'), ...array_column($this->pipes, 'id')];

        return FreeId::besides($prefix, $taken, $this->plan);
    }

    private function tank(string $role): ?PlannedTank
    {
        if ('@drinking' === $role) {
            return $this->plan->tanksThatHold(WaterKind::Drinking)[0] ?? null;
        }
        $fresh = $this->plan->tanksThatHold(WaterKind::Fresh);
        usort($fresh, static fn (PlannedTank $a, PlannedTank $b): int => $a->zM + $a->heightMm / 1000 <=> $b->zM + $b->heightMm / 1000);

        return match ($role) {
            '@header' => \count($fresh) > 1 ? $fresh[\count($fresh) - 1] : null,
            '@low' => $fresh[0] ?? null,
            default => $this->plan->tanksThatHold(WaterKind::Fresh)[0] ?? null,
        };
    }
}
