<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\Answer;
use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Rig\PlannedRig;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\Shared\BestSplit;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\Shared\UsualNose;
use YardCask\Core\Stage\Load\Shared\WasteFirst;
use YardCask\Core\Stage\Load\Shared\WheelLoads;
use YardCask\Core\Stage\Load\Trim\Balance;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** How full to travel, as one sentence that no finding contradicts. */
final readonly class LoadAnswer
{
    private LoadWorkings $load;
    private GreatestFill $greatest;
    private float $fullL;
    private PlannedRig $rig;

    private function __construct(
        private Workings $workings,
        private FigureSheet $figures,
    ) {
        $this->load = $workings->of(LoadWorkings::class);
        $this->greatest = $this->workings->of(GreatestFill::class);
        $this->fullL = $workings->of(TanksWorkings::class)->fullL(WaterKind::Fresh);
        $this->rig = $workings->plan->load->rig;
    }

    public static function of(Workings $workings, FigureSheet $figures): Answer
    {
        $answer = new self($workings, $figures);

        return $answer->unstable() ?? $answer->tyre() ?? match (true) {
            !$answer->greatest->exists => $answer->noFillWillDo(),
            $answer->fullL > 0 => $answer->fill(),
            default => $answer->noWater(),
        };
    }

    /** A boat that would not stay upright: how much water she may carry is then no question. */
    private function unstable(): ?Answer
    {
        $gm = (new Balance($this->workings))->leastGm();
        if (null === $gm || !$this->rig instanceof PlannedBoat || $gm[0] >= $this->rig->leastGmM()) {
            return null;
        }
        $figure = $this->figures->get('load.gm_least');

        return Answer::of($this->workings->wording, $gm[0] > 0 ? 'load.answer.unstable' : 'load.answer.no-stability', 'load.answer.unstable.why', $figure->id, [
            'height' => $figure->text,
            'when' => $gm[1]->phrase($this->rig->kind()),
        ]);
    }

    /** A wheel over its tyre's limit, though the rig is filled no further than its axles allow. */
    private function tyre(): ?Answer
    {
        $worst = WheelLoads::worstOver($this->workings);
        if (null === $worst || !$this->greatest->exists || $this->workings->of(TanksWorkings::class)->travelL() > $this->greatest->litres + 0.05) {
            return null;
        }
        $figure = $this->figures->get('load.tyre_over');

        return Answer::of($this->workings->wording, 'load.answer.tyre', 'load.answer.tyre.why', $figure->id, [
            'over' => $figure->text,
            'tyre' => $worst->phrase($this->rig),
        ]);
    }

    private function noFillWillDo(): Answer
    {
        $wording = $this->workings->wording;
        $emptied = WasteFirst::without($this->workings)?->of(GreatestFill::class);
        if (true === $emptied?->exists) {
            return $this->wasteFirst($this->load->worstLimit(), $emptied);
        }
        foreach ($this->load->limits() as $limit) {
            if ($limit->isOverBeforeWater()) {
                return Answer::of($wording, 'load.answer.over-dry', 'load.answer.over-dry.why', 'load.'.$limit->name->value.'.over_empty', [
                    'over' => Amount::kg($limit->fill->emptyKg - $limit->limitKg),
                    'carrier' => $this->carrier($limit->name),
                    'kg' => Amount::kg($limit->fill->emptyKg),
                    'kg_limit' => Amount::kg($limit->limitKg),
                ]);
            }
        }
        $worst = $this->load->worstLimit();
        $nose = (new Balance($this->workings))->leastNose();
        if (null !== $nose && $nose[0] < UsualNose::of($this->workings->plan)->leastShare()) {
            return Answer::of($wording, 'load.answer.nose', 'load.answer.nose.why', 'load.nose_least', [
                'share' => Amount::fineShare($nose[0]),
                'when' => $nose[1]->phrase($this->rig->kind()),
                'least' => Amount::share(UsualNose::of($this->workings->plan)->leastShare()),
            ]);
        }

        return Answer::of($wording, 'load.answer.no-fill', 'load.answer.no-fill.why', self::figure($worst), $this->spare($worst));
    }

    /** No fill will do only because the waste of the stay is aboard. */
    private function wasteFirst(LimitWorking $worst, GreatestFill $emptied): Answer
    {
        return Answer::of($this->workings->wording, 'load.answer.waste', 'load.answer.waste.why', self::figure($worst), $this->spare($worst) + [
            'rig' => $this->rig->kind(),
            'litres_waste' => Amount::litres(WasteFirst::litres($this->workings)),
            'litres' => Amount::litresAtMost($emptied->litres),
        ]);
    }

    /** @return array<string, Amount|Phrase|string> what is left to a limit, and when */
    private function spare(LimitWorking $worst): array
    {
        return [
            'spare' => Amount::kg(abs($worst->onTheRoad->kg)),
            'broken' => $worst->onTheRoad->isBroken() ? 'yes' : 'no',
            'when' => $worst->onTheRoad->moment->phrase($this->rig->kind()),
            'carrier' => $this->carrier($worst->name),
            'kg' => Amount::kg($worst->limitKg - $worst->onTheRoad->kg),
            'kg_limit' => Amount::kg($worst->limitKg),
        ];
    }

    private static function figure(LimitWorking $limit): string
    {
        return 'load.'.$limit->name->value.'.least_spare';
    }

    private function noWater(): Answer
    {
        $worst = $this->load->worstLimit();

        return Answer::of($this->workings->wording, 'load.answer.no-water', 'load.answer.no-water.why', self::figure($worst), [
            'spare' => Amount::kg($worst->onTheRoad->kg),
            'limit' => LimitWords::name($worst->name, $this->workings->rigWords),
        ]);
    }

    private function fill(): Answer
    {
        $wording = $this->workings->wording;
        $with = ['rig' => $this->rig->kind(), 'least' => $this->least()];
        if (null === $this->greatest->limitedBy) {
            $worst = $this->load->worstLimit();

            return Answer::of($wording, 'load.answer.brim', 'load.answer.brim.why', 'tanks.full', $with + [
                'litres' => Amount::litres($this->fullL),
                'limit' => LimitWords::name($worst->name, $this->workings->rigWords),
                'spare' => Amount::kg($worst->onTheRoad->kg),
                'when' => $worst->onTheRoad->moment->phrase($this->rig->kind()),
            ]);
        }
        $with += ['arrival' => $this->load->contents->startsBrimFull() ? 'brim' : 'same', 'why' => $this->why(), 'margin' => $this->margin()];
        $split = BestSplit::of($this->workings);
        if (null !== $split) {
            return Answer::of($wording, 'load.answer.travel', 'load.answer.travel.why.split', 'load.best_split', $with + [
                'litres' => Amount::litresAtMost($split->litres()),
                'split' => $split->inWords($wording),
                'alike' => Amount::litresAtMost($this->greatest->litres),
            ]);
        }

        return Answer::of(
            $wording,
            'load.answer.travel',
            'load.answer.travel.why',
            'load.max_fill',
            $with + ['litres' => Amount::litresAtMost($this->greatest->litres)],
        );
    }

    /** Why not more: what stops it, and what a measure of water adds there. */
    private function why(): Phrase
    {
        $limitedBy = $this->greatest->limitedBy;
        if (LimitName::LeastNose === $limitedBy) {
            return new Phrase('load.answer.because.nose', ['least' => Amount::share(UsualNose::of($this->workings->plan)->leastShare())]);
        }
        $limit = $this->limitedBy();
        $carrier = $this->carrier($limit->name);
        if ($limit->spareIn(RigState::BrimFull)->isBroken()) {
            return new Phrase('load.answer.because.full', [
                'carrier' => $carrier,
                'over' => Amount::kg(-$limit->spareIn(RigState::BrimFull)->kg),
                'volume' => $this->workings->plan->units->volume->name,
                'each' => $this->perUnitOfWater($limit),
            ]);
        }
        if ($limit->fromBrimFull->isBroken()) {
            $emptied = WasteFirst::without($this->workings)?->of(GreatestFill::class);

            return $emptied?->litres > $this->greatest->litres + 1
                ? new Phrase('load.answer.because.waste', ['carrier' => $carrier, 'litres' => Amount::litresAtMost($emptied->litres)])
                : new Phrase('load.answer.because.later', ['carrier' => $carrier]);
        }

        return new Phrase('load.answer.because.left', ['carrier' => $carrier, 'left' => Amount::kg($limit->spareIn(RigState::BrimFull)->kg)]);
    }

    /** What is held back because a weight is estimated. */
    private function margin(): Phrase
    {
        $limit = $this->limitedBy();
        $keptKg = LimitName::LeastNose === $this->greatest->limitedBy ? 0.0 : $this->greatest->margin * $limit->errorKg;
        $errorKg = LimitName::LeastNose === $this->greatest->limitedBy ? 0.0 : $limit->errorKg;

        return match (true) {
            $errorKg <= 0 => Phrase::verbatim(''),
            $keptKg <= 0 => new Phrase('load.answer.margin.none'),
            $this->greatest->margin < 1 => new Phrase('load.answer.margin.half', ['kg' => Amount::kg($keptKg)]),
            default => new Phrase('load.answer.margin', ['kg' => Amount::kg($keptKg)]),
        };
    }

    private function limitedBy(): LimitWorking
    {
        return $this->load->limit($this->greatest->limitedBy) ?? $this->load->limits()[0];
    }

    private function carrier(LimitName $limit): Phrase
    {
        return LimitWords::carrier($limit, $this->workings->rigWords);
    }

    /** Less than which must not be aboard, where the water cures something. */
    private function least(): Phrase
    {
        return $this->greatest->leastFraction > 0.005
            ? new Phrase('load.answer.least', ['litres' => Amount::litres($this->greatest->leastFraction * $this->fullL)])
            : Phrase::verbatim('');
    }

    /** What one litre or gallon of water adds to a limit. */
    private function perUnitOfWater(LimitWorking $limit): string
    {
        $units = $this->workings->plan->units;
        $perUnit = Quantity::of($limit->fill->waterKg / $this->fullL * Quantity::of(1.0, $units->volume)->in(Unit::Litre), Unit::Kilogram)->in($units->mass);

        return number_format($perUnit, 2)."\u{00A0}".$units->mass->value;
    }
}
