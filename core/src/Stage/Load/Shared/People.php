<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Payload\Mass;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Load\PlannedSeat;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Words\Phrasebook;

/** The crew of the Use stage on the seats of the Load stage; nobody rides in a trailer. */
final readonly class People
{
    /**
     * @param list<PlannedSeat> $taken
     * @param int $standing people for whom the plan has no seat
     */
    private function __construct(
        public array $taken,
        public int $standing,
        private Plan $plan,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $rides = RigKind::Trailer === $plan->load->rig->kind() ? 0 : (int) ceil($plan->use->crew);
        $taken = \array_slice($plan->load->seats, 0, $rides);

        return new self($taken, $rides - \count($taken), $plan);
    }

    public function driver(): ?PlannedSeat
    {
        return $this->taken[0] ?? null;
    }

    public function count(): int
    {
        return \count($this->taken) + $this->standing;
    }

    public function kg(): float
    {
        return array_sum(array_map(static fn (PlannedSeat $seat): float => $seat->kg, $this->taken)) + $this->standing * PlannedSeat::PERSON_KG;
    }

    /**
     * Where those are taken to be who have no seat: in the middle of the seats, or of the rig.
     *
     * @return array{float, float, float}
     */
    public function standingAt(): array
    {
        $seats = $this->plan->load->seats;
        if ([] === $seats) {
            $rig = $this->plan->load->rig;

            return [$rig->bodyFromM() + $rig->sizes()->lengthM / 2, 0.0, $rig->sizes()->floorM + 0.5];
        }
        $mean = static fn (string $property): float => array_sum(array_column($seats, $property)) / \count($seats);

        return [$mean('xM'), $mean('yM'), $mean('zM')];
    }

    /** @return list<Mass> */
    public function masses(): array
    {
        $masses = array_map(static fn (PlannedSeat $seat): Mass => $seat->mass(), $this->taken);
        if ($this->standing > 0) {
            [$xM, $yM] = $this->standingAt();
            $masses[] = new Mass(Phrasebook::english()->fill('load.sum.standing', []), $this->standing * PlannedSeat::PERSON_KG, $xM, $yM);
        }

        return $masses;
    }
}
