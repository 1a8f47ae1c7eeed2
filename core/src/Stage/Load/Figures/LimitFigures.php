<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Figures;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Stage\Load\LoadInputs;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Words\FigureText;

/** What rests on each limit in each state, and what is left. */
final readonly class LimitFigures
{
    private LoadWorkings $load;

    public function __construct(
        private Workings $workings,
        private FigureSheet $figures,
        private LoadInputs $inputs,
    ) {
        $this->load = $workings->of(LoadWorkings::class);
    }

    public function add(LimitWorking $limit): void
    {
        $wording = $this->workings->wording;
        $rig = $this->workings->plan->load->rig->kind();
        $moment = $limit->onTheRoad->moment;
        $id = 'load.'.$limit->name->value;
        $with = ['limit' => LimitWords::name($limit->name, $this->workings->rigWords), 'rig' => $rig, 'of' => $limit->name, 'when' => $moment->phrase($rig)];
        $moments = static fn (string $label, RigState $state): FigureText => new FigureText(
            $label,
            'load.figure.at-limit.formula',
            'load.source.moments',
            $with + ['state' => $state->phrase($rig)],
        );
        $plate = static fn (string $label, string $formula): FigureText => new FigureText($label, $formula, 'load.source.plate', $with);
        foreach ($this->load->states() as $state) {
            $text = $moments('load.figure.at-limit.label', $state);
            $this->figures->kg(
                $id.'.'.$state->figureSuffix(),
                $text,
                $limit->kgIn($state),
                fn (): array => $this->inputs->weights($limit->name, $state),
            );
        }
        $allowed = fn (): SumInput => $this->inputs->plate($limit, $wording->text('load.sum.limit'));
        $text = $plate('load.figure.spare.label', 'load.figure.spare.formula');
        $this->figures->kg(
            $id.'.spare',
            $text,
            $limit->spareIn(RigState::Travelling)->kg,
            static fn (): array => [$allowed(), SumInput::figure($id.'.travel')],
        );
        $text = $plate('load.figure.spare-full.label', 'load.figure.spare-full.formula');
        $this->figures->kg(
            $id.'.spare_full',
            $text,
            $limit->spareIn(RigState::BrimFull)->kg,
            static fn (): array => [$allowed(), SumInput::figure($id.'.full')],
        );
        $most = static fn (): SumInput => null === $moment->state
            ? SumInput::constant($wording->text('load.sum.at-moment', $with), $wording->kg($limit->limitKg - $limit->onTheRoad->kg))
            : SumInput::figure($id.'.'.$moment->state->figureSuffix());
        $text = $plate('load.figure.least-spare.label', 'load.figure.least-spare.formula');
        $this->figures->kg($id.'.least_spare', $text, $limit->onTheRoad->kg, static fn (): array => [$allowed(), $most()]);
        if ($limit->isOverBeforeWater()) {
            $this->figures->kg(
                $id.'.empty',
                $moments('load.figure.dry.label', RigState::Dry),
                $limit->fill->emptyKg,
                fn (): array => $this->emptyInputs($limit->name),
            );
            $text = $plate('load.figure.over-dry.label', 'load.figure.over-dry.formula');
            $this->figures->kg(
                $id.'.over_empty',
                $text,
                $limit->fill->emptyKg - $limit->limitKg,
                static fn (): array => [SumInput::figure($id.'.empty'), $allowed()],
            );
        }
    }

    /** @return list<SumInput> what rests on a limit as it travels, and the fresh water that is taken out again */
    private function emptyInputs(LimitName $name): array
    {
        $wording = $this->workings->wording;
        $limit = $this->load->limit($name) ?? throw new \LogicException('There is no limit '.$name->value.'.');
        $fullWater = SumInput::constant($wording->text('load.sum.less-water'), $wording->kg(-$limit->fill->waterKg));

        return [SumInput::figure('load.'.$name->value.'.full'), $fullWater];
    }
}
