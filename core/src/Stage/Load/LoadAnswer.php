<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\Answer;
use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Holds;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\Rule\BoatTrim;
use YardCask\Core\Stage\Load\Rule\NoseLight;
use YardCask\Core\Stage\Load\Shared\BestSplit;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\Shared\WheelLoads;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;

/** How full to travel, as one sentence that no finding contradicts. */
final readonly class LoadAnswer
{
    private LoadWorkings $load;
    private GreatestFill $greatest;
    private float $fullL;

    private function __construct(
        private Workings $workings,
        private FigureSheet $figures,
    ) {
        $this->load = $workings->of(LoadWorkings::class);
        $this->greatest = $this->load->greatestFill();
        $this->fullL = $workings->of(TanksWorkings::class)->fullL(Holds::Fresh);
    }

    public static function of(Workings $workings, FigureSheet $figures): Answer
    {
        $answer = new self($workings, $figures);

        return $answer->unstable() ?? $answer->tyre() ?? ($answer->greatest->exists ? ($answer->fullL > 0 ? $answer->fill() : $answer->noWater()) : $answer->noFillWillDo());
    }

    /** A boat that would not stay upright: how much water she may carry is then no question. */
    private function unstable(): ?Answer
    {
        $gm = (new Balance($this->workings))->leastGm();
        if (null === $gm || $gm[0] >= BoatTrim::LEAST_GM_M) {
            return null;
        }
        $figure = $this->figures->get('load.gm_least');

        return new Answer($gm[0] > 0 ? 'Only ' : 'No stability left: ', $figure->text, $gm[0] > 0 ? ' of stability left.' : '.', \sprintf('%s, with the slack of the tanks taken off her metacentric height. Make the tanks narrower, or weight lower, before asking how full.', ucfirst($gm[1]->inWords($this->workings->words))), $figure->id);
    }

    /** A wheel over its tyre's limit, though the rig is filled no further than its axles allow. */
    private function tyre(): ?Answer
    {
        $worst = WheelLoads::worstOver($this->workings);
        if (null === $worst || !$this->greatest->exists || $this->workings->of(TanksWorkings::class)->travelL() > $this->greatest->litres + 0.05) {
            return null;
        }
        $figure = $this->figures->get('load.tyre_over');

        return new Answer('', $figure->text, \sprintf(' too much on the %s.', $worst->name($this->workings->plan->load->rig, $this->workings->words)), 'Its axle is within its limit, and the wheel on that side is not. Move weight to the other side before asking how full.', $figure->id);
    }

    private function noFillWillDo(): Answer
    {
        [$say, $words] = [$this->workings->say, $this->workings->words];
        foreach ($this->load->limits() as $limit) {
            if ($limit->isOverBeforeWater()) {
                return new Answer('', $say->kg($limit->fill->emptyKg - $limit->limitKg), ' over before any water.', \sprintf('%s is at %s of %s with empty tanks. Something else has to stay at home or move.', ucfirst(LimitWords::carrier($limit->name, $words)), $say->kg($limit->fill->emptyKg), $say->kg($limit->limitKg)), 'load.'.$limit->name->value.'.over_empty');
            }
        }
        $worst = $this->load->worstLimit();
        $nose = (new Balance($this->workings))->leastNose();
        if (null !== $nose && $nose[0] < NoseLight::LEAST_SHARE) {
            return new Answer('', $say->finerShare($nose[0]), \sprintf(' of the trailer on her nose %s.', $nose[1]->inWords($say, $words)), \sprintf('Below %s she sways, and how full she travels does not cure it. Move weight forward.', $say->share(NoseLight::LEAST_SHARE)), 'load.nose_least');
        }

        return new Answer('', $say->kg(abs($worst->onTheRoad->kg)), \sprintf(' %s %s.', $worst->onTheRoad->isBroken() ? 'over' : 'left', $worst->onTheRoad->moment->inWords($say, $words)), \sprintf('%s is at %s of %s, and how full she travels does not cure it. Move or leave something.', ucfirst(LimitWords::carrier($worst->name, $words)), $say->kg($worst->limitKg - $worst->onTheRoad->kg), $say->kg($worst->limitKg)), 'load.'.$worst->name->value.'.least_spare');
    }

    private function noWater(): Answer
    {
        $worst = $this->load->worstLimit();

        return new Answer('No water aboard yet, ', $this->workings->say->kg($worst->onTheRoad->kg), ' to spare.', \sprintf('Least is left to the %s.', LimitWords::name($worst->name, $this->workings->words)), 'load.'.$worst->name->value.'.least_spare');
    }

    private function fill(): Answer
    {
        [$say, $words] = [$this->workings->say, $this->workings->words];
        $travel = ucfirst($words->travel());
        if (null === $this->greatest->limitedBy) {
            $worst = $this->load->worstLimit();

            return new Answer($travel.' brim full: ', $say->litres($this->fullL), ' are allowed.', \sprintf('Least is left to the %s: %s %s.%s', LimitWords::name($worst->name, $words), $say->kg($worst->onTheRoad->kg), $worst->onTheRoad->moment->inWords($say, $words), $this->leastWords()), 'tanks.full');
        }
        $brim = $this->load->contents->startsBrimFull() ? '. Brim it on arrival.' : ' at most.';
        $why = $this->why();
        $split = BestSplit::of($this->workings);
        if (null !== $split) {
            return new Answer($travel.' with ', $say->litresAtMost($split->litres()), $brim, \sprintf('%s. Filled alike, the tanks may hold %s. %s', $split->inWords($say), $say->litresAtMost($this->greatest->litres), $why), 'load.best_split');
        }

        return new Answer($travel.' with ', $say->litresAtMost($this->greatest->litres), $brim, $why.$this->leastWords(), 'load.max_fill');
    }

    /** Why not more: what stops it, and what a measure of water adds there. */
    private function why(): string
    {
        [$say, $words] = [$this->workings->say, $this->workings->words];
        $limitedBy = $this->greatest->limitedBy;
        if (LimitName::LeastNose === $limitedBy) {
            return \sprintf('With more, the nose would carry less than %s of the trailer on the way to used up.', $say->share(NoseLight::LEAST_SHARE));
        }
        $limit = $this->load->limit($limitedBy) ?? $this->load->limits()[0];
        $keptKg = $this->greatest->margin * $limit->errorKg;
        $margin = match (true) {
            $keptKg <= 0 => $limit->errorKg > 0 ? ' Nothing is kept for what the estimate may hide: weigh her first.' : '',
            $this->greatest->margin < 1 => \sprintf(' %s are kept, half of what the estimate may hide.', $say->kg($keptKg)),
            default => \sprintf(' %s are kept for what the estimate may hide.', $say->kg($keptKg)),
        };
        if ($limit->spareIn(RigState::BrimFull)->isBroken()) {
            return \sprintf('Full, %s is %s over its limit. Each %s adds %s there.', LimitWords::carrier($limit->name, $words), $say->kg(-$limit->spareIn(RigState::BrimFull)->kg), ...$this->perUnitOfWater($limit)).$margin;
        }
        if ($limit->fromBrimFull->isBroken()) {
            return \sprintf('With more, %s would be over its limit on the way to used up.', LimitWords::carrier($limit->name, $words)).$margin;
        }

        return \sprintf('Full, only %s would be left to %s.', $say->kg($limit->spareIn(RigState::BrimFull)->kg), LimitWords::carrier($limit->name, $words)).$margin;
    }

    private function leastWords(): string
    {
        return $this->greatest->leastFraction > 0.005 ? \sprintf(' Not with less than %s: the water cures what is wrong without it.', $this->workings->say->litres($this->greatest->leastFraction * $this->fullL)) : '';
    }

    /** @return array{string, string} the plan's measure of water, and what one of it adds to a limit */
    private function perUnitOfWater(LimitWorking $limit): array
    {
        $units = $this->workings->plan->units;
        $perUnit = Quantity::of($limit->fill->waterKg / $this->fullL * Quantity::of(1.0, $units->volume)->in(Unit::Litre), Unit::Kilogram)->in($units->mass);
        $measure = match ($units->volume) {
            Unit::UsGallon => 'US gallon',
            Unit::ImperialGallon => 'imp gallon',
            default => 'litre',
        };

        return [$measure, number_format($perUnit, 2)."\u{00A0}".$units->mass->value];
    }
}
