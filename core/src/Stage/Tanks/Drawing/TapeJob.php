<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\Sent;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Words\Phrase;

/** A bay that is still to be measured under or in the vehicle. */
final readonly class TapeJob implements Sent
{
    private function __construct(
        public string $text,
        /** The field where the first figure goes. */
        public string $pointer,
    ) {
    }

    /** @return list<self> */
    public static function all(Workings $workings): array
    {
        $jobs = self::phrases($workings->plan);

        return array_map(
            static fn (int $index, Phrase $job): self => new self($workings->wording->phrase($job), '/bays/'.$index.'/length_mm'),
            array_keys($jobs),
            $jobs,
        );
    }

    /** @return array<int, Phrase> by the bay’s place in the plan, those in which tanks stand first */
    public static function phrases(Plan $plan): array
    {
        $jobs = [[], []];
        foreach ($plan->bays as $index => $bay) {
            if (!$bay->taped) {
                $isUsed = [] !== array_filter($plan->tanks, static fn (PlannedTank $tank): bool => $tank->bay === $bay->id);
                $jobs[$isUsed ? 0 : 1][$index] = new Phrase('tanks.bay.to-measure', ['bay' => $bay->name]);
            }
        }

        return $jobs[0] + $jobs[1];
    }
}
