<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Assessment\KeyedWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Words\Phrasebook;

/** What the line weighs, and where: each heavy part for itself, all that is light as one. A line stays full of water when the tanks are empty. */
final readonly class LineWeights implements KeyedWorkings
{
    /** With its water; what weighs less is taken together with the rest. */
    private const HEAVY_KG = 2.0;

    /**
     * @param list<LineWeight> $weights
     * @param float $pipesKg of all pipes, dry
     * @param float $adaptersKg of all adapters at their ends
     * @param float $pipesL in all pipes
     */
    private function __construct(
        public array $weights,
        public float $pipesKg,
        public float $adaptersKg,
        public float $pipesL,
    ) {
    }

    public static function over(Workings $workings): static
    {
        $plan = $workings->plan;
        if ([] === $plan->line->parts) {
            return new self([], 0.0, 0.0, 0.0);
        }
        $graph = $workings->of(LineGraph::class);
        $heavy = $light = [];
        foreach ($plan->line->parts as $index => $part) {
            $one = LineWeight::placed(
                null === $part->xM || null === $part->yM ? null : [$part->xM, $part->yM],
                $part->name,
                [$part->make->weightKg, HeldWater::litres($part), $part->zM],
                $plan->load->rig,
                '/line/parts/'.$index,
            );
            if ($one->kg() < self::HEAVY_KG) {
                $light[] = $one;
            } else {
                $heavy[] = $one;
            }
        }
        $pipesKg = $pipesL = 0.0;
        foreach ($graph->pipes as $pipe) {
            [$from, $to] = [$pipe->from->place(), $pipe->to->place()];
            $pipesKg += $ownKg = $pipe->pipe->tube->make->weightKg * $pipe->lengthM;
            $pipesL += $waterL = $pipe->litres();
            $light[] = LineWeight::placed(
                null === $from || null === $to ? null : [($from[0] + $to[0]) / 2, ($from[1] + $to[1]) / 2],
                $pipe->pipe->name,
                [$ownKg, $waterL, ($pipe->from->zM() + $pipe->to->zM()) / 2],
                $plan->load->rig,
            );
        }
        $adapters = self::adapters($workings);
        array_push($light, ...$adapters);
        $name = Phrasebook::english()->fill([] === $heavy ? 'load.sum.line' : 'load.sum.line-rest', []);

        return new self([...$heavy, ...LineWeight::together($name, $light)], $pipesKg, array_sum(array_column($adapters, 'ownKg')), $pipesL);
    }

    /** @return list<LineWeight> at the ports that they join, dry: they hold no water to speak of */
    private static function adapters(Workings $workings): array
    {
        $weights = [];
        foreach ($workings->of(PipeEndings::class)->all as $ending) {
            $point = $ending->point();
            foreach ($ending->joint()->adapters ?? [] as $adapter) {
                $place = null === $point ? null : [$point->xM, $point->yM];
                $weights[] = LineWeight::placed($place, $adapter->name, [$adapter->make->weightKg, 0.0, $ending->zM()], $workings->plan->load->rig);
            }
        }

        return $weights;
    }

    public static function sections(): array
    {
        return ['line', 'tank_ends', 'rig'];
    }

    public function key(): string
    {
        return serialize($this->weights);
    }

    /** Without water, in kg. */
    public function ownKg(): float
    {
        return array_sum(array_column($this->weights, 'ownKg'));
    }

    /** What stands in parts and pipes, in L. */
    public function waterL(): float
    {
        return array_sum(array_column($this->weights, 'waterL'));
    }
}
