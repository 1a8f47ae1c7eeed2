<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Assessment\StageWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\Axle;
use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Payload\BoatPayloadCalculator;
use YardCask\Core\Payload\BoatRig;
use YardCask\Core\Payload\BoatTank;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Payload\LoadedTank;
use YardCask\Core\Payload\Mass;
use YardCask\Core\Payload\Passage;
use YardCask\Core\Payload\PassageCalculator;
use YardCask\Core\Payload\PassageInput;
use YardCask\Core\Payload\PassageTank;
use YardCask\Core\Payload\Payload;
use YardCask\Core\Payload\RoadPayloadCalculator;
use YardCask\Core\Payload\RoadRig;
use YardCask\Core\Payload\TrailerPayloadCalculator;
use YardCask\Core\Payload\TrailerRig;
use YardCask\Core\Payload\WasteTank;
use YardCask\Core\Plan\Load\PlannedLoad;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Line\Shared\LineWeight;
use YardCask\Core\Stage\Line\Shared\LineWeights;
use YardCask\Core\Stage\Line\Shared\OutletFlows;
use YardCask\Core\Stage\Line\Shared\TapReach;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Use\Shared\UseWorkings;

/** What a plan's rig weighs in each of its states, and what is left to its limits on the way between them. */
final class LoadWorkings implements StageWorkings
{
    public readonly Plan $plan;
    public readonly People $people;
    public readonly BaseWeights $base;
    public readonly Contents $contents;
    /** @var list<LineWeight> */
    public readonly array $line;
    /** @var array<string, Payload> by the state's value */
    private array $payloads = [];
    /** @var array<string, float> by the limit's value */
    private array $limitKg = [];
    /** @var array<string, ?Passage> */
    private array $passages = [];
    /** @var non-empty-list<LimitWorking>|null */
    private ?array $limits = null;
    /** @var list<Mass>|null */
    private ?array $masses = null;

    private function __construct(private readonly Workings $workings)
    {
        $this->plan = $workings->plan;
        $this->people = People::of($this->plan);
        $this->line = $workings->of(LineWeights::class)->weights;
        $this->base = BaseWeights::of($this->plan, $this->people->driver(), $this->line);
        $this->contents = new Contents($workings);
    }

    public static function over(Workings $workings): static
    {
        return new self($workings);
    }

    public static function sections(): array
    {
        return ['use', 'load', 'tanks', TapReach::class, OutletFlows::class, LineWeights::class];
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
        $masses = $this->masses();
        $fresh = [];
        $surfaces = [];
        foreach ($this->tanks() as $index => $working) {
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
            $rig instanceof PlannedRoadRig => RoadPayloadCalculator::calculate($this->roadRig($rig, $masses, $fresh)),
            $rig instanceof PlannedTrailer => TrailerPayloadCalculator::calculate($this->trailerRig($rig, $masses, $fresh)),
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

    /** From a state to used up, with what has come to the waste tanks by then; null for a boat, whose only limit is what is aboard at once. */
    public function passageFrom(RigState $state, bool $wasteOfStay = false): ?Passage
    {
        $brimFull = RigState::BrimFull === $state;
        $fractions = array_map(fn (TankWorking $working): float => $brimFull ? 1.0 : $this->plan->travelFillOf($working->tank), $this->tanks());
        $key = implode(' ', $fractions).($wasteOfStay ? ' on' : '');

        return $this->passages[$key] ??= $this->passage($fractions, $wasteOfStay);
    }

    /**
     * From some fill of each tank, as a fraction of brim full, to used up.
     *
     * @param list<float> $fractions of each tank of the plan
     * @param bool $wasteOfStay whether the stay began brim full, and what was used down to this fill is in the waste tanks
     */
    public function passage(array $fractions, bool $wasteOfStay = false): ?Passage
    {
        $rig = $this->plan->load->rig;
        $tanks = [];
        $waste = [];
        $drawable = ['fresh' => 0.0, 'drinking' => 0.0];
        foreach ($this->tanks() as $index => $working) {
            $tank = $working->tank;
            if (!$tank->holds->takesWaste()) {
                $tanks[] = $one = new PassageTank(
                    new LoadedTank($tank->name, $working->fullL(), $tank->allEmptyKg(), $tank->xM, $tank->yM),
                    $fractions[$index],
                    $working->leftL(),
                );
                $drawable[$tank->holds->value] = ($drawable[$tank->holds->value] ?? 0.0) + $one->drawableL();
            }
        }
        $allL = array_sum($drawable);
        $use = $this->workings->of(UseWorkings::class);
        foreach ($this->tanks() as $working) {
            $tank = $working->tank;
            if ($tank->holds->takesWaste()) {
                $intoL = $drawable['fresh'] * $use->shareInto($tank, Supply::Main) + $drawable['drinking'] * $use->shareInto($tank, Supply::Drinking);
                $share = $allL > 0 && !$this->plan->emptiesWaste() ? $intoL / $allL : 0.0;
                $beforeL = $wasteOfStay ? max(0.0, $this->contents->drawableL(WaterKind::Fresh, true) - $drawable['fresh']) : 0.0;
                $waste[] = new WasteTank(
                    name: $tank->id,
                    capacityL: $working->fullL(),
                    emptyKg: $tank->allEmptyKg(),
                    xM: $tank->xM,
                    yM: $tank->yM,
                    share: $share,
                    startL: $this->contents->wasteL($working, $beforeL, 0.0),
                );
            }
        }

        return match (true) {
            $rig instanceof PlannedRoadRig => PassageCalculator::calculate(new PassageInput($this->roadRig($rig, $this->masses(), []), $tanks, $waste)),
            $rig instanceof PlannedTrailer => PassageCalculator::calculate(new PassageInput($this->trailerRig($rig, $this->masses(), []), $tanks, $waste)),
            default => null,
        };
    }

    /** @return array<string, Passage> those that are driven, by the state they begin in: as it travels, and with the waste of a stay from brim full */
    public function roadPassages(): array
    {
        $passages = [RigState::Travelling->value => $this->passageFrom(RigState::Travelling)];
        if ($this->contents->startsBrimFull() && !$this->plan->emptiesWaste() && [] !== $this->workings->of(TanksWorkings::class)->thatTakeWaste()) {
            $passages[RigState::Refilled->value] = $this->passageFrom(RigState::Travelling, true);
        }

        return array_filter($passages);
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
        return [
            ...$this->people->masses(),
            ...array_map(static fn (PlannedLoad $load): Mass => $load->mass(), $this->plan->load->loads),
            ...array_map(static fn (LineWeight $one): Mass => $one->mass(), $this->line),
        ];
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
        foreach ($this->roadPassages() as $from => $passage) {
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
        $passage = $this->passageFrom(RigState::BrimFull);
        if (null === $passage) {
            return new Spare($limitKg - $kg[RigState::BrimFull->value], RigMoment::in(RigState::BrimFull));
        }
        $limit = $passage->limit($name);

        return new Spare($limit->worstSpareKg, RigMoment::after($limit->atUsedL, $passage->usedL, RigState::BrimFull));
    }

    /**
     * @param list<Mass> $masses
     * @param list<LoadedTank> $fresh
     */
    private function roadRig(PlannedRoadRig $rig, array $masses, array $fresh): RoadRig
    {
        return new RoadRig(
            grossLimitKg: $this->limitKg(LimitName::Gross),
            wheelbaseM: $rig->wheelbaseM(),
            front: new Axle($this->base->firstKg, $this->limitKg(LimitName::Front)),
            rear: new Axle($this->base->secondKg, $this->limitKg(LimitName::Rear)),
            trackM: $rig->trackM(),
            loads: $masses,
            tanks: $fresh,
        );
    }

    /**
     * @param list<Mass> $masses
     * @param list<LoadedTank> $fresh
     */
    private function trailerRig(PlannedTrailer $rig, array $masses, array $fresh): TrailerRig
    {
        return new TrailerRig(
            grossLimitKg: $this->limitKg(LimitName::Gross),
            weighedKg: $this->base->firstKg,
            noseWeighedKg: $this->base->secondKg,
            noseLimitKg: $this->limitKg(LimitName::Nose),
            couplingToAxleM: $rig->axle()->xM,
            axleLimitKg: $this->limitKg(LimitName::Axle),
            loads: $masses,
            tanks: $fresh,
        );
    }

    private function limitKg(LimitName $name): float
    {
        return $this->limitKg[$name->value] ??= RigLimit::of($name, $this->plan->load->rig)->kg;
    }

    /** Whether its water can run to the low side. A full fresh tank becomes slack with the first cup drawn. */
    public static function isSlack(float $litres, TankWorking $working): bool
    {
        return $litres > 0.01 || WaterKind::Fresh === $working->tank->holds;
    }
}
