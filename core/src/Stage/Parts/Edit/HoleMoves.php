<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Edit;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Stage\Parts\Drilling\DrilledPort;
use YardCask\Core\Stage\Tanks\Shared\HolePlaces;

/** The ports of tanks whose holes lack room, moved on their faces to where they have it. */
final readonly class HoleMoves
{
    /** @param list<array{PlannedPort, PlanPatch}> $moves the ports as they are then */
    private function __construct(
        public array $moves,
        /** Whether every one of them finds room. */
        public bool $isAll,
    ) {
    }

    public static function in(Workings $workings): self
    {
        $moves = [];
        $isAll = true;
        foreach ($workings->plan->tanks as $index => $tank) {
            foreach (DrilledPort::in($tank, $workings->stock) as $drilled) {
                $places = new HolePlaces($tank, $workings->stock);
                if (0.0 === $places->missingMm($drilled->port)) {
                    continue;
                }
                $moved = $places->freed($drilled->port);
                if (null === $moved) {
                    $isAll = false;
                    continue;
                }
                // Where one goes, the next cannot.
                $at = (int) array_search($drilled->port, $tank->ports, true);
                $tank = PartFields::changed($tank, ['ports' => array_values(array_replace($tank->ports, [$at => $moved]))]);
                $moves[] = [$moved, PlanPatch::replace('/tanks/'.$index.'/ports/'.$at, $moved)];
            }
        }

        return new self($moves, $isAll);
    }

    public function patch(): PlanPatch
    {
        return PlanPatch::all(array_column($this->moves, 1));
    }
}
