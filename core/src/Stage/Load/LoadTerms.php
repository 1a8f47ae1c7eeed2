<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Load\PlannedSeat;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\Shared\BoatHeights;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigLimit;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TravelFillTerm;
use YardCask\Core\Words\Amount;

/** What goes into the sums of the Load stage: weights with their places, tickets, limits and how full the tanks are. */
final class LoadTerms
{
    private readonly LoadWorkings $load;

    public function __construct(private readonly Workings $workings)
    {
        $this->load = $workings->of(LoadWorkings::class);
    }

    /** What rests on a limit in a state: the sums for the whole, each weight with its place for an axle or the nose. */
    public function restingOn(LimitName $name, RigState $state): SumOf
    {
        $suffix = $state->figureSuffix();

        return match (true) {
            LimitName::Axle === $name => new SumOf(
                'whole - nose',
                [SumTerm::figure('whole', 'load.gross.'.$suffix), SumTerm::figure('nose', 'load.nose.'.$suffix)],
            ),
            LimitName::Gross === $name => SumOf::sum([...$this->figures(), ...$this->water($state)]),
            default => $this->byMoments($name, $state),
        };
    }

    /** @return list<SumTerm> */
    private function figures(): array
    {
        $terms = [
            SumTerm::figure('aboard', 'load.aboard'),
            SumTerm::figure('tanks', 'load.tanks'),
            ...(new LineTerms($this->workings))->figures(),
        ];

        return $this->load->isBoat() ? $terms : [SumTerm::figure('empty', 'load.empty'), ...$terms];
    }

    private function byMoments(LimitName $name, RigState $state): SumOf
    {
        $rig = $this->workings->plan->load->rig;
        [$lever, $group, $which] = match (true) {
            $rig instanceof PlannedRoadRig => ['wheelbase', $rig->rear(), LimitName::Front === $name ? 1 : 2],
            $rig instanceof PlannedTrailer => ['coupling', $rig->axle(), 2],
            default => throw new \LogicException('Only a vehicle and a trailer have axles.'),
        };
        $empty = TicketTerms::of($name, $this->workings);
        $corrections = $this->corrections($which);
        $part = LimitName::Rear === $name ? 'm%1$d * x%1$d / lever' : 'm%1$d * (1 - x%1$d / lever)';
        $moments = $this->moments('x_m', $state, $part);
        $label = $this->words('load.sum.lever', ['lever' => $lever, 'shared' => $group->isOne() ? 'no' : 'yes']);

        return new SumOf(
            implode(' + ', [$empty->expression, ...array_column($corrections, 'symbol'), $moments->expression]),
            [
                ...$empty->terms,
                ...$corrections,
                ...$moments->terms,
                SumTerm::field('lever', $label, Amount::mm(1000 * $group->xM), '/load/rig/axles/'.$group->firstIndex().'/x_m'),
            ],
        );
    }

    /** What the empty rig weighs: its tickets or estimates, corrected. */
    public function empty(): SumOf
    {
        $rig = $this->workings->plan->load->rig;
        $tickets = TicketTerms::of(LimitName::Gross, $this->workings);
        $corrections = $this->corrections($rig instanceof PlannedTrailer ? 1 : 0);

        return new SumOf(
            [] === $corrections ? $tickets->expression : implode(' + ', [$tickets->expression, ...array_column($corrections, 'symbol')]),
            [...$tickets->terms, ...$corrections],
        );
    }

    /**
     * @param int $which of the two weights that a rig is weighed by, 1 or 2; 0 for both axles together
     *
     * @return list<SumTerm>
     */
    private function corrections(int $which): array
    {
        $terms = [];
        foreach ($this->load->base->corrections as $index => [$what, $firstKg, $secondKg]) {
            $kg = match ($which) {
                1 => $firstKg,
                2 => $secondKg,
                default => $firstKg + $secondKg,
            };
            if (0.0 !== $kg) {
                $terms[] = SumTerm::constant('c'.$index, $this->workings->wording->phrase($what), Amount::kg($kg));
            }
        }

        return $terms;
    }

    /**
     * Everybody, every load, the line and every tank with its weight and its place along (x_m) or across (y_m) the rig, or its height (z_m).
     *
     * @param string $part of the sum for each of them, with m%1$d for its weight and x%1$d for its place
     */
    public function moments(string $key, RigState $state, string $part): SumOf
    {
        $parts = $terms = [];
        foreach ($this->masses($state) as $index => [$name, $weight, $placesM, $pointer]) {
            $parts[] = \sprintf($part, $index);
            $placeMm = 1000 * $placesM[$key];
            $place = 'y_m' === $key ? Amount::of($placeMm, Unit::Millimetre, Kind::Sideways) : Amount::mm($placeMm);
            $label = $this->words('load.sum.place', ['name' => $name]);
            $terms[] = null === $weight[1] ? SumTerm::constant('m'.$index, $name, $weight[0]) : SumTerm::field('m'.$index, $name, $weight[0], $weight[1]);
            $terms[] = null === $pointer ? SumTerm::constant('x'.$index, $label, $place) : SumTerm::field('x'.$index, $label, $place, $pointer.$key);
        }

        return new SumOf('sum('.implode(', ', $parts).')', $terms);
    }

    /**
     * @return list<array{string, array{Amount, string|null}, array{x_m: float, y_m: float, z_m: float}, string|null}> the name, the weight
     *                                                                                                                 and its field, the places,
     *                                                                                                                 and where their fields are
     */
    private function masses(RigState $state): array
    {
        $masses = [];
        $places = static fn (float $xM, float $yM, float $zM): array => ['x_m' => $xM, 'y_m' => $yM, 'z_m' => $zM];
        foreach ($this->load->people->taken as $index => $seat) {
            $at = '/load/seats/'.$index.'/';
            $masses[] = [$seat->name, [Amount::kg($seat->kg), $at.'kg'], $places($seat->xM, $seat->yM, $seat->zM), $at];
        }
        if ($this->load->people->standing > 0) {
            [$xM, $yM, $zM] = $this->load->people->standingAt();
            $kg = Amount::kg($this->load->people->standing * PlannedSeat::PERSON_KG);
            $masses[] = [$this->words('load.sum.standing'), [$kg, null], $places($xM, $yM, $zM), null];
        }
        foreach ($this->workings->plan->load->loads as $index => $load) {
            $at = '/load/loads/'.$index.'/';
            $masses[] = [$load->name, [Amount::kg($load->kg), $at.'kg'], $places($load->xM, $load->yM, $load->zM), $at];
        }
        foreach ($this->load->line as $one) {
            $at = $one->isGuessed || null === $one->pointer ? null : $one->pointer.'/';
            $masses[] = [$one->name, [Amount::kg($one->kg()), null], $places($one->xM, $one->yM, $one->zM), $at];
        }
        $litres = $this->load->contents->in($state);
        foreach ($this->workings->plan->tanks as $index => $tank) {
            $kg = Amount::kg($tank->allEmptyKg() + $litres[$index]);
            $masses[] = [$tank->name, [$kg, null], $places($tank->xM, $tank->yM, BoatHeights::middleM($tank)), '/tanks/'.$index.'/'];
        }

        return $masses;
    }

    /** @return list<SumTerm> everybody with his weight */
    public function people(): array
    {
        $terms = [];
        foreach ($this->load->people->taken as $index => $seat) {
            $terms[] = SumTerm::field('p'.$index, $seat->name, Amount::kg($seat->kg), '/load/seats/'.$index.'/kg');
        }
        if ($this->load->people->standing > 0) {
            $kg = $this->load->people->standing * PlannedSeat::PERSON_KG;
            $terms[] = SumTerm::assumed('standing', $this->words('load.sum.standing'), Amount::kg($kg));
        }

        return $terms;
    }

    /** @return list<SumTerm> every load with its weight */
    public function loads(): array
    {
        $terms = [];
        foreach ($this->workings->plan->load->loads as $index => $load) {
            $terms[] = SumTerm::field('l'.$index, $load->name, Amount::kg($load->kg), '/load/loads/'.$index.'/kg');
        }

        return $terms;
    }

    /** What all tanks weigh empty. */
    public function emptyTanks(): SumOf
    {
        $parts = $terms = [];
        foreach ($this->workings->of(TanksWorkings::class)->all() as $working) {
            $tank = $working->tank;
            [$t, $n] = ['t'.$working->index, 'n'.$working->index];
            $terms[] = SumTerm::field($t, $tank->name, Amount::kg($tank->emptyKg), $working->pointer().'/empty_kg');
            if ($tank->count > 1) {
                $many = $this->words('load.sum.alike', ['tank' => $tank->name]);
                $terms[] = SumTerm::field($n, $many, Amount::number($tank->count), $working->pointer().'/count');
            }
            $parts[] = $tank->count > 1 ? $n.' * '.$t : $t;
        }

        return new SumOf('sum('.implode(', ', $parts).')', $terms);
    }

    /** The water in the fresh tanks as they travel, in litres. */
    public function travelling(): SumOf
    {
        $parts = $terms = [];
        foreach ($this->workings->of(TanksWorkings::class)->that(WaterKind::Fresh) as $working) {
            $parts[] = \sprintf('full%1$d * fill%1$d', $working->index);
            $terms[] = SumTerm::figure('full'.$working->index, 'tanks.'.$working->tank->id.'.full');
            $terms[] = TravelFillTerm::of('fill'.$working->index, $working, $this->workings);
        }

        return new SumOf('sum('.implode(', ', $parts).')', $terms);
    }

    /** What litres of water weigh, by the figures of the litres. */
    public function weightOf(string ...$figures): SumOf
    {
        $litres = SumOf::figures(array_values($figures));

        return new SumOf($litres->expression.' * weighs', [...$litres->terms, SumTerm::constant('weighs', $this->words('load.sum.litre'), Amount::kg(1.0))]);
    }

    /** @return list<SumTerm> what each kind of water weighs in a state */
    private function water(RigState $state): array
    {
        if (RigState::Travelling === $state) {
            return [SumTerm::figure('drinking', 'load.drinking'), SumTerm::figure('water', 'load.water')];
        }
        $litres = $this->load->contents->in($state);
        $terms = [];
        foreach ($this->workings->plan->tanks as $index => $tank) {
            if ($litres[$index] > 0) {
                $terms[] = SumTerm::constant('w'.$index, $this->words('load.sum.in-tank', ['tank' => $tank->name]), Amount::kg($litres[$index]));
            }
        }

        return $terms;
    }

    /** What a limit allows, by the field that says so. */
    public function plate(string $symbol, LimitWorking $limit, string $label): SumTerm
    {
        return SumTerm::field($symbol, $label, Amount::kg($limit->limitKg), RigLimit::of($limit->name, $this->workings->plan->load->rig)->pointer);
    }

    /** @param array<string, string> $with */
    private function words(string $key, array $with = []): string
    {
        return $this->workings->wording->text($key, $with);
    }
}
