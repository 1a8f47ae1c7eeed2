<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Load\PlannedSeat;
use YardCask\Core\Plan\Rig\PlannedAxle;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigLimit;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;

/** What goes into the sums of the Load stage: weights with their places, and how full the tanks are. */
final class LoadInputs
{
    /** @var array<string, list<SumInput>> worked out before, as several sums list the same places */
    private array $places = [];
    /** @var array<string, list<SumInput>> the part of them that is the same in every state */
    private array $fixedPlaces = [];
    private readonly LoadWorkings $load;

    public function __construct(private readonly Workings $workings)
    {
        $this->load = $workings->of(LoadWorkings::class);
    }

    /** @return list<SumInput> what rests on a limit in a state: the sums for the whole, each weight with its place for an axle or the nose */
    public function weights(LimitName $name, RigState $state): array
    {
        $wording = $this->workings->wording;
        $rig = $this->workings->plan->load->rig;
        $suffix = $state->figureSuffix();
        if (LimitName::Axle === $name) {
            return array_map(SumInput::figure(...), ['load.gross.'.$suffix, 'load.nose.'.$suffix]);
        }
        if (LimitName::Gross === $name) {
            $ids = $this->load->isBoat() ? ['load.aboard', 'load.tanks'] : ['load.empty', 'load.aboard', 'load.tanks'];

            return [...array_map(SumInput::figure(...), $ids), ...$this->water($state)];
        }
        [$lever, $group, $which] = match (true) {
            $rig instanceof PlannedRoadRig => ['wheelbase', $rig->rear(), LimitName::Front === $name ? 1 : 2],
            $rig instanceof PlannedTrailer => ['coupling', $rig->axle(), 2],
            default => throw new \LogicException('Only a vehicle and a trailer have axles.'),
        };

        return [
            ...$this->weighed($name),
            ...$this->corrections($which),
            ...$this->places('x_m', $state),
            SumInput::field(
                $wording->text('load.sum.lever', ['lever' => $lever, 'shared' => $group->isOne() ? 'no' : 'yes']),
                $wording->metres($group->xM),
                '/load/rig/axles/'.$group->firstIndex().'/x_m',
            ),
        ];
    }

    /** @return list<SumInput> the tickets and estimates from which the empty weight at a limit is taken */
    public function weighed(LimitName $name): array
    {
        $wording = $this->workings->wording;
        $rig = $this->workings->plan->load->rig;
        if ($rig instanceof PlannedTrailer) {
            $label = $wording->text($rig->nose->isWeighed() ? 'load.sum.weighed' : 'load.sum.estimated');

            return [SumInput::field($label, $wording->kg($rig->nose->kg()), '/load/rig/nose_'.$rig->nose->key())];
        }
        if (!$rig instanceof PlannedRoadRig) {
            return [];
        }
        $inputs = [];
        [$front, $rear] = [$rig->frontWeighing(), $rig->rearWeighing()];
        // What a ticket of the whole leaves beside the others has no ticket of its own.
        $fromWhole = $rig->isOnlyWholeWeighed()
            || ($front->isWeighed() && !$rig->axles[0]->weighing->isWeighed())
            || (
                $rear->isWeighed()
                && [] !== array_filter(\array_slice($rig->axles, 1), static fn (PlannedAxle $axle): bool => !$axle->weighing->isWeighed())
            );
        if (null !== $rig->wholeWeighedKg && $fromWhole) {
            $inputs[] = SumInput::field($wording->text('load.sum.whole'), $wording->kg($rig->wholeWeighedKg), '/load/rig/whole_weighed_kg');
        }
        foreach ($rig->axles as $index => $axle) {
            $isOfLimit = LimitName::Gross === $name || (LimitName::Front === $name) === (0 === $index);
            if ([] === $inputs ? $isOfLimit : LimitName::Gross !== $name || !$rig->isOnlyWholeWeighed()) {
                $label = $wording->text($axle->weighing->isWeighed() ? 'load.sum.axle-weighed' : 'load.sum.axle-estimated', ['axle' => $axle->name]);
                $inputs[] = SumInput::field($label, $wording->kg($axle->weighing->kg()), '/load/rig/axles/'.$index.'/'.$axle->weighing->key());
            }
        }

        return $inputs;
    }

    /**
     * @param int $which of the two weights that a rig is weighed by, 1 or 2; 0 for both axles together
     *
     * @return list<SumInput>
     */
    public function corrections(int $which): array
    {
        $inputs = [];
        foreach ($this->load->base->corrections as [$what, $firstKg, $secondKg]) {
            $kg = match ($which) {
                1 => $firstKg,
                2 => $secondKg,
                default => $firstKg + $secondKg,
            };
            if (0.0 !== $kg) {
                $inputs[] = SumInput::constant($this->workings->wording->phrase($what), $this->workings->wording->kg($kg));
            }
        }

        return $inputs;
    }

    /** @return list<SumInput> everybody, every load and every tank with its weight and its place along (x_m) or across (y_m) the rig */
    public function places(string $key, RigState $state): array
    {
        if (isset($this->places[$key.' '.$state->value])) {
            return $this->places[$key.' '.$state->value];
        }
        $wording = $this->workings->wording;
        $place = static fn (float $xM, float $yM): string => 'x_m' === $key
            ? $wording->text('load.sum.at', ['place' => $wording->metres($xM)])
            : $wording->across($yM);
        $inputs = $this->fixedPlaces[$key] ??= $this->peopleAndLoads($key, $place);
        $litres = $this->load->contents->in($state);
        foreach ($this->workings->plan->tanks as $index => $tank) {
            $inputs[] = SumInput::field(
                $tank->name,
                $wording->kg($tank->allEmptyKg() + $litres[$index]).' '.$place($tank->xM, $tank->yM),
                '/tanks/'.$index.'/'.$key,
            );
        }

        return $this->places[$key.' '.$state->value] = $inputs;
    }

    /**
     * @param callable(float, float): string $place
     *
     * @return list<SumInput>
     */
    private function peopleAndLoads(string $key, callable $place): array
    {
        $wording = $this->workings->wording;
        $inputs = [];
        foreach ($this->load->people->taken as $index => $seat) {
            $inputs[] = SumInput::field($seat->name, $wording->kg($seat->kg).' '.$place($seat->xM, $seat->yM), '/load/seats/'.$index.'/'.$key);
        }
        if ($this->load->people->standing > 0) {
            [$xM, $yM] = $this->load->people->standingAt();
            $inputs[] = SumInput::constant(
                $wording->text('load.sum.standing'),
                $wording->kg($this->load->people->standing * PlannedSeat::PERSON_KG).' '.$place($xM, $yM),
            );
        }
        foreach ($this->workings->plan->load->loads as $index => $load) {
            $inputs[] = SumInput::field($load->name, $wording->kg($load->kg).' '.$place($load->xM, $load->yM), '/load/loads/'.$index.'/'.$key);
        }

        return $inputs;
    }

    /** @return list<SumInput> everybody with his weight */
    public function people(): array
    {
        $wording = $this->workings->wording;
        $inputs = [];
        foreach ($this->load->people->taken as $index => $seat) {
            $inputs[] = SumInput::field($seat->name, $wording->kg($seat->kg), '/load/seats/'.$index.'/kg');
        }
        if ($this->load->people->standing > 0) {
            $inputs[] = SumInput::constant($wording->text('load.sum.standing'), $wording->kg($this->load->people->standing * PlannedSeat::PERSON_KG));
        }

        return $inputs;
    }

    /** @return list<SumInput> every load with its weight */
    public function loads(): array
    {
        $inputs = [];
        foreach ($this->workings->plan->load->loads as $index => $load) {
            $inputs[] = SumInput::field($load->name, $this->workings->wording->kg($load->kg), '/load/loads/'.$index.'/kg');
        }

        return $inputs;
    }

    /** @return list<SumInput> every tank with its own weight */
    public function emptyTanks(): array
    {
        return array_map(
            fn (TankWorking $working): SumInput => SumInput::field(
                $working->tank->name,
                $this->workings->wording->kg($working->tank->allEmptyKg()),
                $working->pointer().'/empty_kg',
            ),
            $this->workings->of(TanksWorkings::class)->all(),
        );
    }

    /** @return list<SumInput> the fill that all fresh tanks share, and those of tanks that have one of their own */
    public function fills(): array
    {
        $wording = $this->workings->wording;
        $fills = [SumInput::field($wording->text('load.sum.how-full'), $wording->share($this->workings->plan->load->travelFill), '/load/travel_fill')];
        foreach ($this->workings->of(TanksWorkings::class)->that(WaterKind::Fresh) as $working) {
            if (null !== $working->tank->travelFill) {
                $fills[] = SumInput::field($working->tank->name, $wording->share($working->tank->travelFill), $working->pointer().'/travel_fill');
            }
        }

        return $fills;
    }

    /** @return list<SumInput> what each kind of water weighs in a state */
    private function water(RigState $state): array
    {
        if (RigState::Travelling === $state) {
            return [SumInput::figure('load.drinking'), SumInput::figure('load.water')];
        }
        $wording = $this->workings->wording;
        $litres = $this->load->contents->in($state);
        $inputs = [];
        foreach ($this->workings->plan->tanks as $index => $tank) {
            if ($litres[$index] > 0) {
                $inputs[] = SumInput::constant($wording->text('load.sum.in-tank', ['tank' => $tank->name]), $wording->kg($litres[$index]));
            }
        }

        return [] === $inputs ? [SumInput::constant($wording->text('load.sum.water'), $wording->kg(0.0))] : $inputs;
    }

    /** What a limit allows, by the field that says so. */
    public function plate(LimitWorking $limit, string $label): SumInput
    {
        return SumInput::field($label, $this->workings->wording->kg($limit->limitKg), RigLimit::of($limit->name, $this->workings->plan->load->rig)->pointer);
    }
}
