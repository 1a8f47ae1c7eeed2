<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedJoint;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\ListPatch;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Tanks\Shared\OutletProposal;

/** A plan's line while it is changed: each change gives a new draft, and the last one a patch. */
final readonly class LineDraft
{
    /** @param list<PlannedTank> $tanks */
    private function __construct(
        private Plan $plan,
        public LinePlan $line,
        private array $tanks,
    ) {
    }

    public static function of(Plan $plan): self
    {
        return new self($plan, $plan->line, $plan->tanks);
    }

    /** What leads from the plan's line to this one: parts and pipes that are changed, taken out and added, and outlets of tanks. */
    public function patch(): PlanPatch
    {
        $line = ChargedVessels::of($this->plan(), $this->plan->line);
        $patches = [];
        foreach ($this->tanks as $index => $tank) {
            if ($tank->ports !== $this->plan->tanks[$index]->ports) {
                $patches[] = ListPatch::between('/tanks/'.$index.'/ports', $this->plan->tanks[$index]->ports, $tank->ports);
            }
        }

        return PlanPatch::all([...$patches, ListPatch::ofLine($this->plan->line, $line)]);
    }

    /** The plan with this line, to look at. */
    public function plan(): Plan
    {
        return PartFields::changed($this->plan, ['line' => $this->line, 'tanks' => $this->tanks]);
    }

    /** @return array{string, self}|null the first outlet of a tank, or a new one; null where the tank has as many ports as it can */
    public function outletOf(PlannedTank $tank): ?array
    {
        $outlet = LineEnd::outletsOf($tank)[0] ?? null;
        if (null !== $outlet) {
            return [$outlet->key, $this];
        }
        $with = OutletProposal::added($tank, $this->freeId(PortRole::Outlet->value), $this->plan);
        if (null === $with) {
            return null;
        }
        $tanks = array_map(static fn (PlannedTank $one): PlannedTank => $one->id === $with->id ? $with : $one, $this->tanks);

        return [LineEnd::outletsOf($with)[0]->key, new self($this->plan, $this->line, $tanks)];
    }

    /**
     * Puts a part behind a port, in the way of the water: into the pipe that leads from there, or with a pipe of its own where none does.
     *
     * @param string $port “pump.out”
     */
    public function after(string $port, StockPart $stock, StockPipe $hose): self
    {
        [$part, $draft] = $this->withNew($stock);
        [$in, $out] = [$part->port(self::entry($part->kind)), $part->port(self::exit($part->kind))];
        foreach ($draft->line->pipes as $index => $pipe) {
            if ($pipe->from === $port || $pipe->to === $port) {
                // Along the water, whichever way the pipe was put in.
                [$first, $second] = $pipe->from === $port ? [$in, $out] : [$out, $in];

                return $draft->split($index, $first, $second);
            }
        }

        return $draft->joined($port, $in, $hose);
    }

    /**
     * Puts a part into a pipe.
     *
     * @param float|null $zM where it sits; null where it usually does
     */
    public function into(PlannedPipe $pipe, StockPart $stock, ?float $zM = null): self
    {
        [$part, $draft] = $this->withNew($stock);
        $draft = null === $zM ? $draft : $draft->changed($part, ['zM' => $zM]);

        return $draft->split($this->indexOf($pipe), $part->port(self::entry($part->kind)), $part->port(self::exit($part->kind)));
    }

    /** Puts a drain into a pipe at its lowest point, which it takes the place of; between two ends, as low as a drain usually is. */
    public function drained(LinePipe $pipe, StockPart $drain): self
    {
        $points = $pipe->pipe->points;
        $lowest = [] === $points ? null : array_search(min(array_column($points, 'zM')), array_column($points, 'zM'), true);
        $endsM = min($pipe->from->zM(), $pipe->to->zM());
        if (!\is_int($lowest) || $points[$lowest]->zM >= $endsM) {
            return $this->into($pipe->pipe, $drain, min($endsM, UsualHeight::of(PartKind::DrainValve, $this->plan)));
        }
        [$part, $draft] = $this->withNew($drain);
        $at = $points[$lowest];
        $draft = $draft->changed($part, ['xM' => $at->xM, 'yM' => $at->yM, 'zM' => $at->zM]);

        return $draft->split($this->indexOf($pipe->pipe), $part->port(self::entry($part->kind)), $part->port(self::exit($part->kind)), $lowest);
    }

    /** Branches off a pipe by a tee, with a pipe of the same sort to a part. */
    public function branched(PlannedPipe $pipe, StockPart $tee, StockPart $stock, ?PartPort $port = null): self
    {
        [$joint, $draft] = $this->withNew($tee);
        $draft = $draft->split($this->indexOf($pipe), $joint->port(PartPort::A), $joint->port(PartPort::B));
        [$part, $draft] = $draft->withNew($stock);

        return $draft->withPipe(
            self::like($pipe, $draft->freeId('pipe'), $draft->pipeName(), $joint->port(PartPort::C), $part->port($port ?? self::entry($part->kind))),
        );
    }

    /** Branches off a pipe by a tee, to a port that is there. */
    public function branchedTo(PlannedPipe $pipe, StockPart $tee, string $port): self
    {
        [$joint, $draft] = $this->withNew($tee);
        $draft = $draft->split($this->indexOf($pipe), $joint->port(PartPort::A), $joint->port(PartPort::B));

        return $draft->withPipe(self::like($pipe, $draft->freeId('pipe'), $draft->pipeName(), $joint->port(PartPort::C), $port));
    }

    /**
     * Puts a valve into the pipe from a tank, at the height of its outlet, that draws from there or from another tank.
     *
     * @param PlannedPipe|string $other the other tank’s pipe, which is branched by a tee, or its free outlet
     */
    public function selecting(PlannedPipe $pipe, LineEnd $tank, StockPart $valve, PlannedPipe|string $other, StockPart $tee): self
    {
        [$part, $draft] = $this->withNew($valve);
        $draft = $draft->changed($part, ['zM' => round($tank->zM(), 3)]);
        [$near, $far] = [$part->port(PartPort::Left), $part->port(PartPort::Common)];
        $draft = $pipe->from === $tank->key ? $draft->split($this->indexOf($pipe), $near, $far) : $draft->split($this->indexOf($pipe), $far, $near);

        $right = $part->port(PartPort::Right);

        return \is_string($other)
            ? $draft->withPipe(self::like($pipe, $draft->freeId('pipe'), $draft->pipeName(), $other, $right))
            : $draft->branchedTo($other, $tee, $right);
    }

    /** Joins two ports that are free. */
    public function joined(string $from, string $to, StockPipe $hose): self
    {
        return $this->withPipe($hose->planned($this->freeId('pipe'), $this->pipeName(), $from, $to));
    }

    /** Takes a part out and joins the pipes on both sides; a tee left with two ends is taken out too. */
    public function without(PlannedPart $part): self
    {
        $parts = array_values(array_filter($this->line->parts, static fn (PlannedPart $one): bool => $one->id !== $part->id));
        $own = array_values(array_filter($this->line->pipes, static fn (PlannedPipe $pipe): bool => self::touches($pipe, $part)));
        $draft = $this->with(['parts' => $parts]);
        $far = array_map(static fn (PlannedPipe $pipe): string => self::isAt($pipe->from, $part) ? $pipe->to : $pipe->from, $own);
        $joints = array_map(static fn (PlannedPipe $pipe): ?PlannedJoint => self::isAt($pipe->from, $part) ? $pipe->toJoint : $pipe->fromJoint, $own);
        $draft = $draft->withoutPipes($own);
        if (2 === \count($own)) {
            // The one that leads to it keeps its sort and its direction.
            $kept = self::isAt($own[0]->to, $part) ? 0 : 1;

            $ends = ['from' => $far[$kept], 'to' => $far[1 - $kept], 'fromJoint' => $joints[$kept], 'toJoint' => $joints[1 - $kept]];

            return $draft->withPipe(PartFields::changed($own[$kept], [...$ends, 'lengthM' => self::summed($own)]));
        }
        foreach ($far as $port) {
            $tee = $draft->line->part((string) strtok($port, '.'));
            if (PartKind::Tee === $tee?->kind) {
                $draft = $draft->without($tee);
            }
        }

        return $draft;
    }

    public function turned(PlannedPart $part): self
    {
        return $this->changed($part, ['reversed' => !$part->reversed]);
    }

    /** Another make in the place of a part of the same figures. */
    public function swapped(PlannedPart $part, StockPart $stock): self
    {
        return $this->with(['parts' => array_map(
            static fn (PlannedPart $one): PlannedPart => $one->id === $part->id ? $stock->insteadOf($one) : $one,
            $this->line->parts,
        )]);
    }

    /** Takes a part out and puts the same one into a pipe elsewhere. */
    public function moved(PlannedPart $part, PlannedPipe $to): self
    {
        $draft = $this->without($part);
        foreach ($draft->line->pipes as $index => $pipe) {
            if ($pipe->id === $to->id) {
                $with = $draft->with(['parts' => [...$draft->line->parts, $part]]);

                return $with->split($index, $part->port(self::entry($part->kind)), $part->port(self::exit($part->kind)));
            }
        }

        return $draft;
    }

    /** @param array<string, mixed> $changes by property */
    public function changed(PlannedPart $part, array $changes): self
    {
        $change = static fn (PlannedPart $one): PlannedPart => $one->id === $part->id ? PartFields::changed($one, $changes) : $one;

        return $this->with(['parts' => array_map($change, $this->line->parts)]);
    }

    public function withBore(PlannedPipe $pipe, StockPipe $stock): self
    {
        $change = static fn (PlannedPipe $one): PlannedPipe => $one->id === $pipe->id ? $stock->insteadOf($one) : $one;

        return $this->with(['pipes' => array_map($change, $this->line->pipes)]);
    }

    /** @param list<PlannedPipe> $gone */
    public function withoutPipes(array $gone): self
    {
        $ids = array_column($gone, 'id');

        $kept = array_filter($this->line->pipes, static fn (PlannedPipe $pipe): bool => !\in_array($pipe->id, $ids, true));

        return $this->with(['pipes' => array_values($kept)]);
    }

    /** @return array{PlannedPart, self} a part that joins nothing yet */
    public function withNew(StockPart $stock): array
    {
        $name = FreeName::of($stock->shortName(), array_column($this->line->parts, 'name'));
        $part = $stock->planned($this->freeId(str_replace('_', '-', $stock->kind->value)), $name, UsualHeight::of($stock->kind, $this->plan));

        return [$part, $this->with(['parts' => [...$this->line->parts, $part]])];
    }

    public static function entry(PartKind $kind): PartPort
    {
        return match (true) {
            PartKind::Tee === $kind => PartPort::A,
            PartKind::ThreeWayValve === $kind => PartPort::Common,
            $kind->mixes() => PartPort::Cold,
            default => $kind->ports()[0] ?? PartPort::In,
        };
    }

    public static function exit(PartKind $kind): PartPort
    {
        return match (true) {
            PartKind::Tee === $kind => PartPort::B,
            PartKind::ThreeWayValve === $kind => PartPort::Left,
            PartKind::Manifold === $kind => PartPort::A,
            default => \in_array(PartPort::Out, $kind->ports(), true) ? PartPort::Out : ($kind->ports()[1] ?? $kind->ports()[0] ?? PartPort::In),
        };
    }

    /** @param int|null $at the point that is cut out; without one, all of them stay with the first half */
    private function split(int $index, string $in, string $out, ?int $at = null): self
    {
        $pipe = $this->line->pipes[$index];
        $pipes = $this->line->pipes;
        // What is measured is halved: nobody has measured where it is cut.
        $half = null === $pipe->lengthM ? null : max(0.02, round($pipe->lengthM / 2, 3));
        $pipes[$index] = PartFields::changed($pipe, ['to' => $in, 'lengthM' => $half, 'points' => \array_slice($pipe->points, 0, $at), 'toJoint' => null]);
        $rest = null === $at ? [] : \array_slice($pipe->points, $at + 1);
        $behind = self::like($pipe, $this->freeId('pipe'), $this->pipeName(), $out, $pipe->to);
        $behind = PartFields::changed($behind, ['lengthM' => $half, 'points' => $rest, 'toJoint' => $pipe->toJoint]);
        array_splice($pipes, $index + 1, 0, [$behind]);

        return $this->with(['pipes' => $pipes]);
    }

    private function withPipe(PlannedPipe $pipe): self
    {
        return $this->with(['pipes' => [...$this->line->pipes, $pipe]]);
    }

    /** @param array<string, mixed> $changes of the line, by property */
    private function with(array $changes): self
    {
        return new self($this->plan, PartFields::changed($this->line, $changes), $this->tanks);
    }

    private static function like(PlannedPipe $pipe, string $id, string $name, string $from, string $to): PlannedPipe
    {
        $own = ['points' => [], 'lengthM' => null, 'bends' => null, 'fromJoint' => null, 'toJoint' => null];

        return PartFields::changed($pipe, ['id' => $id, 'name' => $name, 'from' => $from, 'to' => $to, ...$own]);
    }

    /** Free in the plan and in this draft. */
    private function freeId(string $prefix): string
    {
        $taken = [...array_column($this->line->parts, 'id'), ...array_column($this->line->pipes, 'id')];

        return FreeId::besides($prefix, $taken, $this->plan);
    }

    private function pipeName(): string
    {
        return FreeName::of('Pipe', ['Pipe', ...array_column($this->line->pipes, 'name')]);
    }

    private function indexOf(PlannedPipe $pipe): int
    {
        return (int) array_search($pipe->id, array_column($this->line->pipes, 'id'), true);
    }

    private static function touches(PlannedPipe $pipe, PlannedPart $part): bool
    {
        return self::isAt($pipe->from, $part) || self::isAt($pipe->to, $part);
    }

    private static function isAt(string $port, PlannedPart $part): bool
    {
        return str_starts_with($port, $part->id.'.');
    }

    /** @param list<PlannedPipe> $pipes */
    private static function summed(array $pipes): ?float
    {
        $measured = array_filter(array_column($pipes, 'lengthM'), static fn (?float $m): bool => null !== $m);

        return \count($measured) === \count($pipes) ? array_sum($measured) : null;
    }
}
