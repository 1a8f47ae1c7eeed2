<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;

/** What a new plan can begin with. */
final readonly class Catalogue
{
    /**
     * @param list<RigPreset> $rigs
     * @param list<HabitPreset> $habits
     */
    private function __construct(
        public array $rigs,
        public array $habits,
    ) {
    }

    /** @throws InvalidInput when the catalogue's files contradict their form */
    public static function fromJson(string $rigsJson, string $habitsJson): self
    {
        $rigs = InputReader::of(Json::decode($rigsJson));
        $habits = InputReader::of(Json::decode($habitsJson));
        $catalogue = new self(
            array_map(RigPreset::read(...), $rigs->objects('rigs', 100)),
            array_map(HabitPreset::read(...), $habits->objects('habits', 100)),
        );
        $rigs->throwIfInvalid();
        $habits->throwIfInvalid();

        return $catalogue;
    }

    public function rig(string $id): ?RigPreset
    {
        foreach ($this->rigs as $rig) {
            if ($rig->id === $id) {
                return $rig;
            }
        }

        return null;
    }
}
