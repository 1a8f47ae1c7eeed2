<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Assessment\StageWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Payload\BoatPayloadCalculator;
use YardCask\Core\Payload\BoatRig;
use YardCask\Core\Payload\BoatTank;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Payload\LoadedTank;
use YardCask\Core\Payload\Mass;
use YardCask\Core\Payload\Payload;
use YardCask\Core\Payload\RoadPayloadCalculator;
use YardCask\Core\Payload\TrailerPayloadCalculator;
use YardCask\Core\Plan\Load\PlannedLoad;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Line\Shared\LineWeight;
use YardCask\Core\Stage\Line\Shared\LineWeights;
use YardCask\Core\Stage\Line\Shared\OutletFlows;
use YardCask\Core\Stage\Line\Shared\TapReach;
use YardCask\Core\Stage\Parts\Shared\FittingWeights;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;

/** What a plan's rig weighs in each of its states, and what is left to its limits on the way between them. */
final class LoadWorkings implements StageWorkings
{
    public readonly Plan $plan;
    public readonly People $people;
    public readonly BaseWeights $base;
    public readonly Contents $contents;
    /** The rig as the calculators take it. */
    public readonly WeighedRig $rig;
    /** @var list<LineWeight> the line, what joins and holds it, and what joins and holds the tanks */
    public readonly array $line;
    /** @var array<string, Payload> by the state's value */
    private array $payloads = [];
    /** @var non-empty-list<LimitWorking>|null */
    private ?array $limits = null;
    /** @var list<Mass>|null */
    private ?array $masses = null;
    private ?Passages $passages = null;

    private function __construct(private readonly Workings $workings)
    {
        $this->plan = $workings->plan;
        $this->people = People::of($this->plan);
        $fittings = $workings->of(FittingWeights::class);
        $line = [...$workings->of(LineWeights::class)->weights, ...$fittings->weighed->ofLine];
        $this->line = [...$line, ...$fittings->weighed->ofTanks];
        $this->base = BaseWeights::of($this->plan, $this->people->driver(), $line, $fittings->weighed->ofTanks);
        $this->contents = new Contents($workings);
        $this->rig = new WeighedRig($this->plan->load->rig, $this->base);
    }

    public static function over(Workings $workings): static
    {
        return new self($workings);
    }

    public static function sections(): array
    {
        return ['use', 'load', 'tanks', TapReach::class, OutletFlows::class, LineWeights::class, FittingWeights::class];
    }

    public function payloadIn(RigState $state): Payload
    {
        return $this->payloads[$state->value] ??= $this->payloadWith($this->contents->in($state));
    }

    /**
     * The rig with some litres in each tank of the plan. Fresh tanks count as its water, all others as loads.
     *
     * @param list<float> $litres
     */
    public function payloadWith(array $litres): Payload
    {
        return $this->payload($this->masses(), $litres, $this->tanks());
    }

    /** What all that a plan adds to the rig rests on a limit, in kg: tanks and line without water, and what joins and holds them. */
    public function builtInKg(LimitName $name): float
    {
        $none = array_map(static fn (): float => 0.0, $this->tanks());
        $dry = array_map(static fn (LineWeight $one): Mass => new Mass($one->name, $one->ownKg, $one->xM, $one->yM), $this->line);
        $with = $this->payload([...$this->withoutLine(), ...$dry], $none, $this->tanks());
        foreach ($this->payload($this->withoutLine(), $none, [])->limits() as $index => $without) {
            if ($name === $without->name) {
                return $with->limits()[$index]->kgAt(1.0) - $without->kgAt(1.0);
            }
        }

        throw new \LogicException('There is no limit called '.$name->value.'.');
    }

    /**
     * @param list<Mass> $masses
     * @param list<float> $litres in each of the tanks
     * @param list<TankWorking> $tanks
     */
    private function payload(array $masses, array $litres, array $tanks): Payload
    {
        $fresh = [];
        $surfaces = [];
        foreach ($tanks as $index => $working) {
            $tank = $working->tank;
            if (WaterKind::Fresh === $tank->holds) {
                $fresh[] = $loaded = new LoadedTank($tank->name, $litres[$index], $tank->allEmptyKg(), $tank->xM, $tank->yM);
            } else {
                $masses[] = new Mass($tank->name, $tank->allEmptyKg() + $litres[$index], $tank->xM, $tank->yM);
                $loaded = new LoadedTank($tank->name, 0.0, 0.0, $tank->xM, $tank->yM);
            }
            $surfaces[] = new BoatTank($loaded, $tank->rowMm() / 1000, $tank->widthMm / 1000, self::isSlack($litres[$index], $working));
        }
        $rig = $this->plan->load->rig;

        return match (true) {
            $rig instanceof PlannedRoadRig => RoadPayloadCalculator::calculate($this->rig->road($rig, $masses, $fresh)),
            $rig instanceof PlannedTrailer => TrailerPayloadCalculator::calculate($this->rig->trailer($rig, $masses, $fresh)),
            $rig instanceof PlannedBoat => BoatPayloadCalculator::calculate(new BoatRig(
                $rig->displacementKg,
                $rig->gmM + BoatHeights::gmChangeM($rig, $this->plan, $this->people, $this->line, $litres),
                $rig->loadLimitKg,
                $masses,
                $surfaces,
            )),
            default => throw new \LogicException('A rig of class '.$rig::class.' cannot be weighed.'),
        };
    }

    /** @return list<Mass> people, loads, the line, and tanks with what is in them, each for itself */
    public function aboardIn(RigState $state): array
    {
        $litres = $this->contents->in($state);
        $tanks = array_map(
            static fn (TankWorking $working): Mass => new Mass(
                $working->tank->name,
                $working->tank->allEmptyKg() + $litres[$working->index],
                $working->tank->xM,
                $working->tank->yM,
            ),
            $this->tanks(),
        );

        return [...$this->besideTanks(), ...$tanks];
    }

    public function passages(): Passages
    {
        return $this->passages ??= new Passages($this->workings, $this->contents, $this->rig, $this->masses());
    }

    /** @return list<RigState> those that this rig comes into: it is not filled again with the waste aboard where that is emptied first */
    public function states(): array
    {
        return array_filter(RigState::cases(), fn (RigState $state): bool => RigState::Refilled !== $state || !$this->plan->emptiesWaste());
    }

    /** @return non-empty-list<LimitWorking> in the order of checking: the whole first */
    public function limits(): array
    {
        if (null === $this->limits) {
            $kg = [];
            foreach (RigState::cases() as $state) {
                foreach ($this->payloadIn($state)->limits() as $index => $limit) {
                    $kg[$index][$state->value] = $limit->kgAt(1.0);
                }
            }
            $limits = [];
            foreach ($this->payloadIn(RigState::BrimFull)->limits() as $index => $fill) {
                $limits[] = new LimitWorking(
                    $fill,
                    $kg[$index],
                    $this->worstOnTheRoad($fill->name, $fill->limitKg, $kg[$index]),
                    $this->worstFromBrimFull($fill->name, $fill->limitKg, $kg[$index]),
                    EstimateError::on($fill->name, $this->plan),
                );
            }
            $this->limits = $limits;
        }

        return $this->limits;
    }

    /** Null for a nose that is too light, which is no limit of a plate. */
    public function limit(?LimitName $name): ?LimitWorking
    {
        foreach ($this->limits() as $limit) {
            if ($name === $limit->name) {
                return $limit;
            }
        }

        return null;
    }

    /** The limit with the least left at any moment on the road. */
    public function worstLimit(): LimitWorking
    {
        $limits = $this->limits();
        usort($limits, static fn (LimitWorking $a, LimitWorking $b): int => $a->onTheRoad->kg <=> $b->onTheRoad->kg);

        return $limits[0];
    }

    public function isBoat(): bool
    {
        return $this->payloadIn(RigState::Travelling) instanceof BoatPayload;
    }

    /** @return list<Mass> people, loads and the line, as the one mass with their weight and their centre */
    private function masses(): array
    {
        return $this->masses ??= Mass::together('aboard', $this->besideTanks());
    }

    /** @return list<Mass> */
    private function besideTanks(): array
    {
        return [...$this->withoutLine(), ...array_map(static fn (LineWeight $one): Mass => $one->mass(), $this->line)];
    }

    /** @return list<Mass> people and loads */
    private function withoutLine(): array
    {
        return [...$this->people->masses(), ...array_map(static fn (PlannedLoad $load): Mass => $load->mass(), $this->plan->load->loads)];
    }

    /** @return list<TankWorking> */
    private function tanks(): array
    {
        return $this->workings->of(TanksWorkings::class)->all();
    }

    /** @param array<string, float> $kg */
    private function worstOnTheRoad(LimitName $name, float $limitKg, array $kg): Spare
    {
        $worst = new Spare($limitKg - $kg[RigState::Travelling->value], RigMoment::in(RigState::Travelling));
        foreach ($this->passages()->onTheRoad() as $from => $passage) {
            $limit = $passage->limit($name);
            $worst = $worst->lesser(new Spare($limit->worstSpareKg, RigMoment::after($limit->atUsedL, $passage->usedL, RigState::from($from))));
        }
        foreach ([RigState::UsedUp, RigState::Dry] as $state) {
            $worst = $worst->lesser(new Spare($limitKg - $kg[$state->value], RigMoment::in($state)));
        }

        return $worst;
    }

    /** @param array<string, float> $kg */
    private function worstFromBrimFull(LimitName $name, float $limitKg, array $kg): Spare
    {
        $passage = $this->passages()->from(RigState::BrimFull);
        if (null === $passage) {
            return new Spare($limitKg - $kg[RigState::BrimFull->value], RigMoment::in(RigState::BrimFull));
        }
        $limit = $passage->limit($name);

        return new Spare($limit->worstSpareKg, RigMoment::after($limit->atUsedL, $passage->usedL, RigState::BrimFull));
    }

    /** Whether its water can run to the low side. A full fresh tank becomes slack with the first cup drawn. */
    public static function isSlack(float $litres, TankWorking $working): bool
    {
        return $litres > 0.01 || WaterKind::Fresh === $working->tank->holds;
    }
}
