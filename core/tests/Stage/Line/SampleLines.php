<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Catalogue\Fitting\FittingStock;
use YardCask\Core\Catalogue\PartFile;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\SystemBook;
use YardCask\Core\Catalogue\TankStock;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\IssuedNumbers;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\PumpPoint;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Load\PlannedThing;
use YardCask\Core\Plan\Load\ThingNeed;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\SystemLine;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Solve\SolvedLine;
use YardCask\Core\Tests\SamplePlans;

/** Lines of the systems, and what is done to them. */
final readonly class SampleLines
{
    private function __construct(public Plan $plan)
    {
    }

    public static function stock(): PartStock
    {
        static $stock = null;

        return $stock ??= new PartStock(
            [static fn (): PartFile => PartFile::divided((string) file_get_contents(SamplePlans::CATALOGUE.'parts.json'))],
            static fn (): array => TankStock::fromJson((string) file_get_contents(SamplePlans::CATALOGUE.'tanks.json')),
            static fn (): array => FittingStock::fromJson((string) file_get_contents(SamplePlans::CATALOGUE.'fittings.json')),
        );
    }

    /** @return list<PumpPoint> a curve that begins at a pressure and falls to nothing at 12 L/min */
    public static function curve(float $kpa): array
    {
        return [new PumpPoint(0.0, $kpa), new PumpPoint(12.0, 0.0)];
    }

    public static function book(): SystemBook
    {
        static $book = null;

        return $book ??= SystemBook::fromJson((string) file_get_contents(SamplePlans::CATALOGUE.'systems.json'));
    }

    public static function of(SystemType $system, string $plan = 'bothy'): self
    {
        $empty = PartFields::changed(SamplePlans::all()[$plan], ['line' => LinePlan::none(), 'issued' => new IssuedNumbers()]);
        $laid = SystemLine::lay($empty, self::book()->page($system), self::stock());

        return new self($laid->plan ?? throw new \LogicException('This plan has not the tanks.'));
    }

    public function part(string $name): PlannedPart
    {
        foreach ($this->plan->line->parts as $part) {
            if ($part->name === $name) {
                return $part;
            }
        }
        throw new \LogicException('No part is called '.$name.'; there are '.implode(', ', array_column($this->plan->line->parts, 'name')).'.');
    }

    /** The pipe at a port of a part. */
    public function pipe(string $name, string $port): PlannedPipe
    {
        $at = $this->part($name)->id.'.'.$port;
        foreach ($this->plan->line->pipes as $pipe) {
            if ($pipe->from === $at || $pipe->to === $at) {
                return $pipe;
            }
        }
        throw new \LogicException('No pipe is at '.$at.'.');
    }

    /** With one use that is drawn from an outlet, for some minutes at a time. */
    public function used(string $outlet, float $minutes): self
    {
        $use = $this->plan->use->uses[0];
        $shower = PartFields::changed($use, ['name' => 'A long one', 'outlet' => $this->part($outlet)->id, 'litres' => null, 'flowLpm' => 5.0, 'minutes' => $minutes, 'times' => 1.0]);

        return new self(PartFields::changed($this->plan, ['use' => PartFields::changed($this->plan->use, ['uses' => [$shower, ...\array_slice($this->plan->use->uses, 1)]])]));
    }

    /** @param array<string, mixed> $changes */
    public function changed(string $name, array $changes): self
    {
        return new self(LineDraft::of($this->plan)->changed($this->part($name), $changes)->plan());
    }

    /** @param array<string, mixed> $changes */
    public function figures(string $name, array $changes): self
    {
        return $this->changed($name, ['figures' => PartFields::changed($this->part($name)->figures, $changes)]);
    }

    /** @param array<string, mixed> $changes */
    public function piped(string $name, string $port, array $changes): self
    {
        $pipe = $this->pipe($name, $port);
        $pipes = array_map(
            static fn (PlannedPipe $one): PlannedPipe => $one->id === $pipe->id ? PartFields::changed($one, $changes) : $one,
            $this->plan->line->pipes,
        );

        return new self(PartFields::changed($this->plan, ['line' => PartFields::changed($this->plan->line, ['pipes' => $pipes])]));
    }

    /** @param array<string, mixed> $changes to what the pipe at a port is by the metre */
    public function tubed(string $name, string $port, array $changes): self
    {
        return $this->piped($name, $port, ['tube' => PartFields::changed($this->pipe($name, $port)->tube, $changes)]);
    }

    /** Puts a part of the catalogue into the pipe at a port. */
    public function into(string $name, string $port, string $stock): self
    {
        return new self(LineDraft::of($this->plan)->into($this->pipe($name, $port), self::stock()->part($stock) ?? throw new \LogicException($stock))->plan());
    }

    public function branched(string $name, string $port, string $stock): self
    {
        $tee = self::stock()->part('tee-12') ?? throw new \LogicException('tee-12');

        return new self(
            LineDraft::of($this->plan)->branched(
                $this->pipe($name, $port),
                $tee,
                self::stock()->part($stock) ?? throw new \LogicException($stock),
            )->plan(),
        );
    }

    public function without(string ...$names): self
    {
        $line = $this;
        foreach ($names as $name) {
            $line = new self(LineDraft::of($line->plan)->without($line->part($name))->plan());
        }

        return $line;
    }

    public function cut(string $name, string $port): self
    {
        return new self(LineDraft::of($this->plan)->withoutPipes([$this->pipe($name, $port)])->plan());
    }

    public function joined(string $from, string $out, string $to, string $in): self
    {
        $hose = self::stock()->pipe('pipe-cross-16') ?? throw new \LogicException('pipe-cross-16');

        return new self(LineDraft::of($this->plan)->joined($this->part($from)->id.'.'.$out, $this->part($to)->id.'.'.$in, $hose)->plan());
    }

    /** A tee in the pipe at a port, with a pipe to a port of a tank. */
    public function toTank(string $tank, string $name, string $port): self
    {
        $tee = self::stock()->part('tee-12') ?? throw new \LogicException('tee-12');

        foreach ($this->plan->tanks as $one) {
            if ($tank === $one->id.'.outlet') {
                [$outlet, $draft] = LineDraft::of($this->plan)->outletOf($one) ?? throw new \LogicException($tank);

                return new self($draft->branchedTo($this->pipe($name, $port), $tee, $outlet)->plan());
            }
        }

        return new self(LineDraft::of($this->plan)->branchedTo($this->pipe($name, $port), $tee, $tank)->plan());
    }

    /** With something in the rig, 300 mm long, wide and high. */
    public function thing(ThingNeed $need, float $xM, float $yM, float $zM): self
    {
        $thing = new PlannedThing('thing-1', 'Spare wheel', $need, 300.0, 300.0, 300.0, $xM, $yM, $zM);
        $load = PartFields::changed($this->plan->load, ['things' => [...$this->plan->load->things, $thing]]);

        return new self(PartFields::changed($this->plan, ['load' => $load]));
    }

    /** @param array<string, mixed> $changes to a tank, by its id */
    public function tanked(string $id, array $changes): self
    {
        $tanks = array_map(static fn (PlannedTank $tank): PlannedTank => $id === $tank->id ? PartFields::changed($tank, $changes) : $tank, $this->plan->tanks);

        return new self(PartFields::changed($this->plan, ['tanks' => $tanks]));
    }

    /** A part of the catalogue downstream of a port, with a pipe of its own. */
    public function after(string $port, string $stock): self
    {
        $hose = self::stock()->pipe('hose-12') ?? throw new \LogicException('hose-12');

        return new self(LineDraft::of($this->plan)->after($port, self::stock()->part($stock) ?? throw new \LogicException($stock), $hose)->plan());
    }

    public function turned(string $name): self
    {
        return new self(LineDraft::of($this->plan)->turned($this->part($name))->plan());
    }

    public function moved(string $name, string $to, string $port): self
    {
        return new self(LineDraft::of($this->plan)->moved($this->part($name), $this->pipe($to, $port))->plan());
    }

    /** @return array<string, list<SentFix>> what clears each finding of the line, by the finding's key */
    public static function fixes(Plan $plan): array
    {
        return array_column(Assessor::fixes($plan, 'line', self::stock()), 'fixes', 'key');
    }

    /** What comes from all tanks and inlets together. */
    public static function drawnLpm(SolvedLine $solved, LineGraph $graph): float
    {
        $lpm = 0.0;
        foreach ($graph->pipes as $pipe) {
            $lpm += $pipe->from->owner instanceof PlannedPart ? 0.0 : $solved->lpm($pipe);
            $lpm -= $pipe->to->owner instanceof PlannedPart ? 0.0 : $solved->lpm($pipe);
        }

        return $lpm;
    }
}
