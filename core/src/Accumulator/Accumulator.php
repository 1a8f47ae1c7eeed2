<?php

declare(strict_types=1);

namespace YardCask\Core\Accumulator;

/** What a vessel stores between cut-in and cut-out, and how often its pump starts. */
final readonly class Accumulator implements \JsonSerializable
{
    public function __construct(
        public float $waterAtCutInL,
        public float $waterAtCutOutL,
        /** With what the hoses give. */
        public float $drawdownL,
        /** The air is charged above the cut-in: the vessel is empty before the pump starts. */
        public bool $stutter,
        public float $recommendedPrechargeKpa,
        /** From cut-out to cut-in; null with the tap shut or nothing stored. */
        public ?float $offS,
        /** From cut-in to cut-out; null where the tap takes all that the pump gives, or nothing is stored. */
        public ?float $onS,
        /** Null where nothing is stored. */
        public ?float $cyclesPerHour,
    ) {
    }

    /** @return array<string, float|bool|null> */
    public function jsonSerialize(): array
    {
        return [
            'water_at_cut_in_l' => $this->waterAtCutInL,
            'water_at_cut_out_l' => $this->waterAtCutOutL,
            'drawdown_l' => $this->drawdownL,
            'stutter' => $this->stutter,
            'recommended_precharge_kpa' => $this->recommendedPrechargeKpa,
            'off_s' => $this->offS,
            'on_s' => $this->onS,
            'cycles_per_hour' => $this->cyclesPerHour,
        ];
    }
}
