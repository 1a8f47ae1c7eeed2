<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\LineWorkings;

/**
 * What a vessel is to be charged to: behind a pump a little less than its cut-in, so that it is nearly empty when the pump starts; shut in with a
 * heater what stands there before it heats, so that it is empty then and takes up all that the water grows by.
 */
final readonly class WantedPrecharge
{
    private function __construct(
        public PlannedPart $vessel,
        /** In kPa, as it is read on a gauge while nothing presses on the vessel. */
        public float $kpa,
        /** The pump or the heater that it belongs to. */
        public PlannedPart $for,
        /** What it is compared with, in kPa: the cut-in, or what stands there cold. */
        public float $againstKpa,
    ) {
    }

    /** @return array<string, self> by the vessel’s id; none of a vessel behind no switched pump and beside no heater */
    public static function all(LineWorkings $line): array
    {
        $all = [];
        foreach ($line->graph->pumps as $pump) {
            $starts = PumpStarts::of($pump, $line);
            if (null !== $starts?->vessel) {
                $all[$starts->vessel->id] ??= new self($starts->vessel, $starts->result->recommendedPrechargeKpa, $pump, $starts->input->cutInKpa);
            }
        }
        foreach ($line->hotSections() as $section) {
            $coldKpa = $line->highest()->coldKpa[$section->heater->id];
            foreach ($section->isShut() && $coldKpa > 0 ? $section->vessels : [] as $vessel) {
                $all[$vessel->id] ??= new self($vessel, $coldKpa, $section->heater, $coldKpa);
            }
        }

        return $all;
    }
}
