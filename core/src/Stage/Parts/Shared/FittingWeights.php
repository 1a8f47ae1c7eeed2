<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shared;

use YardCask\Core\Assessment\KeptWorkings;
use YardCask\Core\Assessment\KeyedWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Line\Shared\LineWeight;
use YardCask\Core\Stage\Parts\Shopping\Basket;
use YardCask\Core\Stage\Parts\Shopping\JointItems;
use YardCask\Core\Stage\Parts\Shopping\PowerItems;
use YardCask\Core\Stage\Parts\Shopping\RouteItems;
use YardCask\Core\Stage\Parts\Shopping\TankItems;
use YardCask\Core\Words\Phrasebook;

/**
 * What rides along beside tanks, parts, pipes and adapters, and where: clamps and rings, clips, insulation, wires, the fittings and
 * hoses of tanks, and what holds these.
 *
 * @phpstan-import-type KeptWeight from LineWeight
 */
final readonly class FittingWeights implements KeptWorkings, KeyedWorkings
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
        private bool $isRecalled = false,
    ) {
    }

    public static function over(Workings $workings): static
    {
        /** @var array{array<string, float>, list<KeptWeight>, list<KeptWeight>}|null $kept */
        $kept = $workings->recalled(self::class, self::sections());

        return null === $kept ? self::found($workings) : new self($kept[0], LineWeight::ofValues($kept[1]), LineWeight::ofValues($kept[2]), true);
    }

    public function toKeep(): ?array
    {
        $values = static fn (LineWeight $one): array => $one->values();

        return $this->isRecalled ? null : [$this->kg, array_map($values, $this->ofLine), array_map($values, $this->ofTanks)];
    }

    private static function found(Workings $workings): self
    {
        $basket = new Basket();
        TankItems::addTo($basket, $workings);
        JointItems::addTo($basket, $workings);
        RouteItems::addTo($basket, $workings);
        PowerItems::addTo($basket, $workings);
        $kg = $ofLine = $ofTanks = [];
        foreach ($basket->fitted() as [$item, $amount, $at]) {
            $kg[$item->name] = ($kg[$item->name] ?? 0.0) + $amount * $item->kg;
            $one = LineWeight::placed($at->place, $item->name, [$amount * $item->kg, 0.0, $at->zM], $workings->plan->load->rig);
            if (null === $at->tankId) {
                $ofLine[] = $one;
            } else {
                $ofTanks[] = $one;
            }
        }
        $names = Phrasebook::english();

        return new self(
            array_filter($kg, static fn (float $one): bool => $one > 0),
            LineWeight::together($names->fill('load.sum.fittings-line', []), $ofLine),
            LineWeight::together($names->fill('load.sum.fittings-tanks', []), $ofTanks),
        );
    }

    public static function sections(): array
    {
        return ['line', 'tanks', 'runs', 'bays', 'rig'];
    }

    public function key(): string
    {
        return serialize([$this->kg, $this->ofLine, $this->ofTanks]);
    }

    public function kg(): float
    {
        return array_sum($this->kg);
    }
}
