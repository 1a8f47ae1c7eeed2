<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Graph;

use YardCask\Core\Assessment\StageWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;

/** The line as a graph: its pipes between ports, and what does not fit together in it. */
final readonly class LineGraph implements StageWorkings
{
    /** @var list<PlannedPart> */
    public array $outlets;
    /** @var list<PlannedPart> */
    public array $pumps;
    /** @var array<string, list<PlannedPart>> by kind */
    private array $byKind;
    /** @var array<string, list<LineEnd>> the ends of pipes at tanks, by the port */
    private array $atTanks;

    /**
     * @param array<int, LinePipe> $pipes by their place in the plan; those of which both ends are there and free
     * @param array<int, string> $lost what is wrong with the others, by their place in the plan: the port that is not there
     * @param array<int, string> $twice the port that another pipe has already
     * @param array<string, LinePipe> $atPort by the name of the port
     */
    private function __construct(
        public Plan $plan,
        public array $pipes,
        public array $lost,
        public array $twice,
        public array $atPort,
    ) {
        $this->outlets = $plan->line->outlets();
        $this->pumps = array_values(array_filter($plan->line->parts, static fn (PlannedPart $part): bool => $part->kind->isPump()));
        $byKind = $atTanks = [];
        foreach ($plan->line->parts as $part) {
            $byKind[$part->kind->value][] = $part;
        }
        foreach ($pipes as $pipe) {
            foreach ([$pipe->from, $pipe->to] as $end) {
                if ($end->owner instanceof PlannedTank) {
                    $atTanks[$end->port->value][] = $end;
                }
            }
        }
        $this->byKind = $byKind;
        $this->atTanks = $atTanks;
    }

    public static function over(Workings $workings): static
    {
        return self::of($workings->plan);
    }

    public static function sections(): array
    {
        return ['line', 'tank_ends'];
    }

    public static function of(Plan $plan): self
    {
        $ends = LineEnd::all($plan);
        $pipes = $lost = $twice = $atPort = [];
        foreach ($plan->line->pipes as $index => $pipe) {
            $from = $ends[$pipe->from] ?? null;
            $to = $ends[$pipe->to] ?? null;
            if (null === $from || null === $to) {
                $lost[$index] = null === $from ? $pipe->from : $pipe->to;
                continue;
            }
            if ($from->key === $to->key || isset($atPort[$from->key]) || isset($atPort[$to->key])) {
                $twice[$index] = $from->key === $to->key || isset($atPort[$from->key]) ? $from->key : $to->key;
                continue;
            }
            $pipes[$index] = $atPort[$from->key] = $atPort[$to->key] = new LinePipe($pipe, $index, $from, $to);
        }

        return new self($plan, $pipes, $lost, $twice, $atPort);
    }

    public function pipeAt(PlannedPart $part, PartPort $port): ?LinePipe
    {
        return $this->atPort[$part->port($port)] ?? null;
    }

    /** Where the pipe at a port leads; null where nothing is joined there. */
    public function beyond(PlannedPart $part, PartPort $port): ?LineEnd
    {
        $key = $part->port($port);

        return ($this->atPort[$key] ?? null)?->beyond($key);
    }

    /** @return list<PlannedPart> in the order of the plan */
    public function parts(PartKind ...$kinds): array
    {
        return 1 === \count($kinds)
            ? $this->byKind[$kinds[0]->value] ?? []
            : array_values(array_filter($this->plan->line->parts, static fn (PlannedPart $part): bool => \in_array($part->kind, $kinds, true)));
    }

    /** @return list<LineEnd> the outlets of tanks from which a pipe leads */
    public function draws(): array
    {
        return $this->atTanks[PartPort::Outlet->value] ?? [];
    }

    /** @return list<LineEnd> the inlets of tanks to which a pipe leads */
    public function fills(): array
    {
        return $this->atTanks[PartPort::Inlet->value] ?? [];
    }

    /** @return list<PartPort> the ports of a part to which no pipe is joined, where one has to be */
    public function loosePorts(PlannedPart $part): array
    {
        $loose = array_values(array_filter($part->kind->ports(), fn (PartPort $port): bool => !isset($this->atPort[$part->port($port)])));

        // What drains or blows may stand at an end, and not every branch is used.
        return match (true) {
            $part->kind->isPoint() && \count($loose) < \count($part->kind->ports()) && PartKind::Tee !== $part->kind => [],
            PartKind::SubmersiblePump === $part->kind => array_values(array_filter($loose, static fn (PartPort $port): bool => PartPort::In !== $port)),
            default => $loose,
        };
    }
}
