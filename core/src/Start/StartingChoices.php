<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;

/** What a new plan can begin with: rigs, and uses at each level of habit. */
final readonly class StartingChoices
{
    /**
     * @param list<StartingRig> $rigs
     * @param list<StartingUse> $uses
     */
    private function __construct(
        public array $rigs,
        public array $uses,
    ) {
    }

    /** @throws InvalidInput when the catalogue's files contradict their form */
    public static function fromJson(string $rigsJson, string $habitsJson): self
    {
        $rigs = InputReader::of(Json::decode($rigsJson));
        $habits = InputReader::of(Json::decode($habitsJson));
        $choices = new self(
            array_map(StartingRig::read(...), $rigs->objects('rigs', 100)),
            array_map(StartingUse::read(...), $habits->objects('habits', 100)),
        );
        $rigs->throwIfInvalid();
        $habits->throwIfInvalid();

        return $choices;
    }

    public function rig(string $id): ?StartingRig
    {
        foreach ($this->rigs as $rig) {
            if ($rig->id === $id) {
                return $rig;
            }
        }

        return null;
    }
}
