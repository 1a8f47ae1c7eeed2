<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Figures;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Stage\Load\LoadTerms;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;
use YardCask\Core\Words\Phrase;

/** What rests on each limit in each state, and what is left. */
final readonly class LimitFigures
{
    private LoadWorkings $load;

    public function __construct(
        private Workings $workings,
        private FigureSheet $figures,
        private LoadTerms $terms,
    ) {
        $this->load = $workings->of(LoadWorkings::class);
    }

    public function add(LimitWorking $limit): void
    {
        $rig = $this->workings->plan->load->rig->kind();
        $moment = $limit->onTheRoad->moment;
        $id = 'load.'.$limit->name->value;
        $with = ['limit' => LimitWords::name($limit->name, $this->workings->rigWords), 'rig' => $rig, 'when' => $moment->phrase($rig)];
        foreach ($this->load->states() as $state) {
            $text = new FigureText('load.figure.at-limit.label', 'load.source.moments', $with + ['state' => $state->phrase($rig)]);
            $sum = fn (): SumOf => $this->terms->restingOn($limit->name, $state);
            $this->figures->kg($id.'.'.$state->figureSuffix(), $text, $limit->kgIn($state), $sum);
        }
        $left = fn (SumTerm $carried): \Closure => fn (): SumOf => new SumOf('limit - '.$carried->symbol, [$this->allowed($limit), $carried]);
        $plate = static fn (string $label): FigureText => new FigureText($label, 'load.source.plate', $with);
        $travel = SumTerm::figure('travel', $id.'.travel');
        $this->figures->kg($id.'.spare', $plate('load.figure.spare.label'), $limit->spareIn(RigState::Travelling)->kg, $left($travel));
        $full = SumTerm::figure('full', $id.'.full');
        $this->figures->kg($id.'.spare_full', $plate('load.figure.spare-full.label'), $limit->spareIn(RigState::BrimFull)->kg, $left($full));
        $most = null === $moment->state
            ? SumTerm::found('most', $this->workings->wording->text('load.sum.at-moment', $with), Amount::kg($limit->limitKg - $limit->onTheRoad->kg))
            : SumTerm::figure('most', $id.'.'.$moment->state->figureSuffix());
        $this->figures->kg($id.'.least_spare', $plate('load.figure.least-spare.label'), $limit->onTheRoad->kg, $left($most));
        if ($limit->isOverBeforeWater()) {
            $this->addOverBeforeWater($limit, $with);
        }
    }

    /** @param array<string, Phrase|RigKind> $with */
    private function addOverBeforeWater(LimitWorking $limit, array $with): void
    {
        $id = 'load.'.$limit->name->value;
        $dry = RigState::Dry->phrase($this->workings->plan->load->rig->kind());
        $text = new FigureText('load.figure.dry.label', 'load.source.moments', $with + ['state' => $dry]);
        $water = SumTerm::constant('water', $this->workings->wording->text('load.sum.less-water'), Amount::kg($limit->fill->waterKg));
        $this->figures->kg($id.'.empty', $text, $limit->fill->emptyKg, static fn (): SumOf => new SumOf(
            'full - water',
            [SumTerm::figure('full', $id.'.full'), $water],
        ));
        $text = new FigureText('load.figure.over-dry.label', 'load.source.plate', $with);
        $this->figures->kg($id.'.over_empty', $text, $limit->fill->emptyKg - $limit->limitKg, fn (): SumOf => new SumOf(
            'empty - limit',
            [SumTerm::figure('empty', $id.'.empty'), $this->allowed($limit)],
        ));
    }

    private function allowed(LimitWorking $limit): SumTerm
    {
        return $this->terms->plate('limit', $limit, $this->workings->wording->text('load.sum.limit'));
    }
}
