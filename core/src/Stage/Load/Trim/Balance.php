<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Trim;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Payload\Passage;
use YardCask\Core\Payload\RoadPayload;
use YardCask\Core\Payload\TrailerPayload;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigMoment;
use YardCask\Core\Stage\Load\Shared\RigState;

/** How the load lies in every state: right against left, on a trailer's nose, on the steered axle, or in a boat; each at its worst. */
final readonly class Balance
{
    private LoadWorkings $load;

    public function __construct(Workings $workings)
    {
        $this->load = $workings->of(LoadWorkings::class);
    }

    /**
     * Right less left wheels, in kg, where it is greatest either way; null for what has no two sides of wheels weighed here.
     *
     * @return array{float, RigMoment}|null
     */
    public function side(): ?array
    {
        $worst = null;
        foreach ($this->sides() as [$kg, $moment]) {
            if (null === $worst || abs($kg) > abs($worst[0]) + 1e-6) {
                $worst = [$kg, $moment];
            }
        }

        return $worst;
    }

    /** The midpoint between the extremes to the right and to the left, in kg: as much as a fixed load can balance. */
    public function sideMiddleKg(): float
    {
        $kg = array_column($this->sides(), 0);

        return [] === $kg ? 0.0 : (min($kg) + max($kg)) / 2;
    }

    /**
     * The nose as a fraction of the trailer where it is least on the road.
     *
     * @return array{float, RigMoment}|null
     */
    public function leastNose(): ?array
    {
        return $this->leastShare(
            static fn (RoadPayload|TrailerPayload|BoatPayload $payload): ?float => $payload instanceof TrailerPayload
                ? $payload->noseShareAt(1.0)
                : null,
        );
    }

    /**
     * The front axle as a fraction of the whole where it is least on the road.
     *
     * @return array{float, RigMoment}|null
     */
    public function leastFront(): ?array
    {
        return $this->leastShare(
            static fn (RoadPayload|TrailerPayload|BoatPayload $payload): ?float => $payload instanceof RoadPayload && $payload->gross->kgAt(1.0) > 0
                ? $payload->front->kgAt(1.0) / $payload->gross->kgAt(1.0)
                : null,
        );
    }

    /**
     * The heel in degrees, to starboard positive, where it is greatest; null for what is no boat or would not come to rest.
     *
     * @return array{float, RigState}|null
     */
    public function heel(): ?array
    {
        $worst = null;
        foreach ($this->boats() as [$state, $boat]) {
            if (null === $boat->heelDeg) {
                return null;
            }
            if (null === $worst || abs($boat->heelDeg) > abs($worst[0]) + 1e-9) {
                $worst = [$boat->heelDeg, $state];
            }
        }

        return $worst;
    }

    /**
     * The metacentric height left, in m, where it is least.
     *
     * @return array{float, RigState}|null
     */
    public function leastGm(): ?array
    {
        $worst = null;
        foreach ($this->boats() as [$state, $boat]) {
            if (null === $worst || $boat->gmEffectiveM < $worst[0] - 1e-9) {
                $worst = [$boat->gmEffectiveM, $state];
            }
        }

        return $worst;
    }

    /** @return list<array{RigState, BoatPayload}> as it travels first */
    private function boats(): array
    {
        $boats = [];
        foreach ([RigState::Travelling, RigState::BrimFull, RigState::UsedUp, RigState::Refilled, RigState::Dry] as $state) {
            $payload = $this->load->payloadIn($state);
            if ($payload instanceof BoatPayload) {
                $boats[] = [$state, $payload];
            }
        }

        return $boats;
    }

    /** @return list<array{float, RigMoment}> as it travels first */
    private function sides(): array
    {
        $sides = [];
        $at = static function (?Passage $passage, RigState $from) use (&$sides): void {
            $side = $passage?->sideDifferenceKg;
            if (null !== $passage && null !== $side) {
                $sides[] = [$side->least, RigMoment::after($side->leastAtUsedL, $passage->usedL, $from)];
                $sides[] = [$side->most, RigMoment::after($side->mostAtUsedL, $passage->usedL, $from)];
            }
        };
        foreach ([RigState::Travelling, RigState::UsedUp, RigState::Dry] as $state) {
            $payload = $this->load->payloadIn($state);
            if ($payload instanceof RoadPayload) {
                $sides[] = [$payload->sideDifferenceKg, RigMoment::in($state)];
            }
        }
        $at($this->load->passages()->from(RigState::Travelling), RigState::Travelling);
        $at($this->load->passages()->from(RigState::BrimFull), RigState::BrimFull);

        return $sides;
    }

    /**
     * @param callable(RoadPayload|TrailerPayload|BoatPayload): ?float $share
     *
     * @return array{float, RigMoment}|null
     */
    private function leastShare(callable $share): ?array
    {
        $least = null;
        foreach ([RigState::Travelling, RigState::UsedUp, RigState::Dry] as $state) {
            $payload = $this->load->payloadIn($state);
            $found = $payload instanceof RoadPayload || $payload instanceof TrailerPayload || $payload instanceof BoatPayload ? $share($payload) : null;
            if (null === $found) {
                return null;
            }
            if (null === $least || $found < $least[0] - 1e-9) {
                $least = [$found, RigMoment::in($state)];
            }
        }
        foreach ($this->load->passages()->onTheRoad() as $from => $passage) {
            if ($passage->share->least < $least[0] - 1e-9) {
                $least = [$passage->share->least, RigMoment::after($passage->share->leastAtUsedL, $passage->usedL, RigState::from($from))];
            }
        }

        return $least;
    }
}
