<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Demand\Each;
use YardCask\Core\Demand\Per;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Line\Shared\OutletFlows;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\Shared\TravelFillTerm;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;
use YardCask\Core\Words\Phrase;

/** The figures of the Use stage, each with its sum. */
final readonly class UseFigures
{
    private UseWorkings $use;

    private function __construct(
        private Workings $workings,
        private FigureSheet $figures,
    ) {
        $this->use = $workings->of(UseWorkings::class);
    }

    public static function add(Workings $workings, FigureSheet $figures): void
    {
        $sheet = new self($workings, $figures);
        $sheet->addUses();
        $sheet->addSupply(Supply::Main, 'use');
        if ($sheet->use->need(Supply::Drinking)->stayL > 0) {
            $sheet->addSupply(Supply::Drinking, 'drinking');
        }
        $sheet->addAboard();
    }

    private function addUses(): void
    {
        foreach ($this->use->demand()->uses as $index => $demand) {
            $use = $this->workings->plan->use->uses[$index];
            $with = ['use' => $use->name];
            $this->figures->litres(
                'uses.'.$use->id.'.stay',
                new FigureText('use.figure.use-stay.label', 'use.source.entered', $with),
                $demand->stayL,
                fn (): SumOf => $this->product($use, '/use/uses/'.$index),
            );
            $this->figures->litres(
                'uses.'.$use->id.'.daily',
                new FigureText('use.figure.use-daily.label', 'use.source.entered', $with),
                $demand->dailyL,
                fn (): SumOf => new SumOf('stay / days', [SumTerm::figure('stay', 'uses.'.$use->id.'.stay', $this->words('use.sum.stay')), $this->days()]),
            );
        }
    }

    /** What the litres of a use over the whole stay are the product of. */
    private function product(PlannedUse $use, string $pointer): SumOf
    {
        $terms = null === $use->litres
            ? [
                $this->lineFlow($use) ?? SumTerm::field('flow', $this->words('use.sum.flow'), Amount::flow($use->flowLpm ?? 0.0), $pointer.'/flow_lpm'),
                SumTerm::field('minutes', $this->words('use.sum.minutes'), Amount::minutes($use->minutes ?? 0.0), $pointer.'/minutes'),
            ]
            : [SumTerm::field('litres', $this->words('use.sum.litres'), Amount::litres($use->litres), $pointer.'/litres')];
        $terms[] = SumTerm::field('times', $this->words('use.sum.times', ['per' => $use->per->word()]), Amount::number($use->times), $pointer.'/times');
        if (Each::Person === $use->each) {
            $terms[] = SumTerm::field('people', $this->words('use.sum.people'), Amount::number($this->workings->plan->use->crew), '/use/crew');
        }
        if (Per::Day === $use->per) {
            $terms[] = $this->days();
        }

        return new SumOf(implode(' * ', array_column($terms, 'symbol')), $terms);
    }

    /** The flow of its outlet; null where the typed flow counts. */
    private function lineFlow(PlannedUse $use): ?SumTerm
    {
        $figure = $this->workings->of(OutletFlows::class)->figureOf($use);

        return null === $figure ? null : SumTerm::figure('flow', $figure);
    }

    private function days(): SumTerm
    {
        return SumTerm::field('days', $this->words('use.sum.days'), Amount::days($this->workings->plan->use->days), '/use/days');
    }

    private function reserve(): SumTerm
    {
        return SumTerm::field('reserve', $this->words('use.sum.reserve'), Amount::share($this->workings->plan->use->reserve), '/use/reserve');
    }

    private function addSupply(Supply $supply, string $prefix): void
    {
        $need = $this->use->need($supply);
        $uses = array_filter($this->workings->plan->use->uses, static fn (PlannedUse $use): bool => $supply === $use->supply);
        $entered = static fn (string $label): FigureText => new FigureText($label, 'use.source.entered', ['supply' => $supply]);
        $term = static fn (int $index): SumTerm => SumTerm::figure('u'.$index, 'uses.'.$uses[$index]->id.'.stay', $uses[$index]->name);
        $each = static fn (): SumOf => SumOf::sum(array_map($term, array_keys($uses)));
        $this->figures->litres($prefix.'.stay', $entered('use.figure.stay.label'), $need->stayL, $each);
        $stay = SumTerm::figure('stay', $prefix.'.stay', $this->words('use.sum.without-reserve'));
        $this->figures->litres(
            $prefix.'.daily',
            $entered('use.figure.daily.label'),
            $need->dailyL,
            fn (): SumOf => new SumOf('stay / days', [$stay, $this->days()]),
        );
        $this->figures->litres(
            $prefix.'.needed',
            $entered('use.figure.needed.label'),
            $need->carryL,
            fn (): SumOf => new SumOf('stay * (1 + reserve)', [$stay, $this->reserve()]),
        );
        foreach (['low' => $need->lowL, 'high' => $need->highL] as $end => $litres) {
            $text = new FigureText('use.figure.spread.label', 'use.source.spread', ['supply' => $supply, 'end' => $end]);
            $this->figures->litres($prefix.'.'.$end, $text, $litres, fn (): SumOf => $this->spread($uses, 'low' === $end ? '-' : '+'));
        }
    }

    /** @param array<int, PlannedUse> $uses by their place in the plan */
    private function spread(array $uses, string $sign): SumOf
    {
        $parts = $terms = [];
        foreach ($uses as $index => $use) {
            $parts[] = \sprintf('u%d * (1 %s s%d)', $index, $sign, $index);
            $label = $this->words('use.sum.spread', ['use' => $use->name]);
            $terms[] = SumTerm::figure('u'.$index, 'uses.'.$use->id.'.stay', $use->name);
            $terms[] = SumTerm::field('s'.$index, $label, Amount::share($use->spread), '/use/uses/'.$index.'/spread');
        }

        return new SumOf('sum('.implode(', ', $parts).') * (1 + reserve)', [...$terms, $this->reserve()]);
    }

    private function addAboard(): void
    {
        $aboard = $this->workings->of(WaterAboard::class);
        $with = ['rig' => $this->workings->plan->load->rig->kind()];
        $text = $aboard->brimmed
            ? new FigureText('use.figure.aboard.label', 'use.source.stay')
            : new FigureText('use.figure.aboard.label', 'use.source.solid', $with);
        $this->figures->litres('use.aboard', $text, $aboard->usableL, fn (): SumOf => $aboard->brimmed ? $this->brimFull() : $this->asItTravels());
        $travel = new FigureText('use.figure.aboard-travel.label', 'use.source.solid', $with);
        $this->figures->litres('use.aboard_travel', $travel, $aboard->travelUsableL, $this->asItTravels(...));
        $this->addLasts('use.lasts', 'use.figure.lasts.label', 'use.aboard', $this->use->lastsDays($aboard->usableL));
        if ($aboard->brimmed) {
            $this->addLasts('use.lasts_travel', 'use.figure.lasts-travel.label', 'use.aboard_travel', $this->use->lastsDays($aboard->travelUsableL));
        }
    }

    /** What the tanks give that somebody can draw on, brim full: there is a tap on arrival. */
    private function brimFull(): SumOf
    {
        $drawn = $this->workings->of(TanksWorkings::class)->drawn(WaterKind::Fresh);

        return SumOf::figures(
            array_map(static fn (TankWorking $working): string => 'tanks.'.$working->tank->id.'.usable', $drawn),
            new Phrase('use.figure.aboard.note'),
        );
    }

    /** The same as full as each travels. */
    private function asItTravels(): SumOf
    {
        $parts = $terms = [];
        foreach ($this->workings->of(TanksWorkings::class)->drawn(WaterKind::Fresh) as $working) {
            $n = $working->index;
            $parts[] = \sprintf('max(0, full%d * fill%d - below%d)', $n, $n, $n);
            array_push(
                $terms,
                SumTerm::figure('full'.$n, 'tanks.'.$working->tank->id.'.full'),
                TravelFillTerm::of('fill'.$n, $working, $this->workings),
                SumTerm::figure('below'.$n, 'tanks.'.$working->tank->id.'.below_outlet'),
            );
        }

        return new SumOf('sum('.implode(', ', $parts).')', $terms);
    }

    private function addLasts(string $id, string $label, string $from, ?float $days): void
    {
        if (null === $days) {
            return;
        }
        $need = $this->use->need(Supply::Main);
        $perDayL = ($need->stayL - $need->fixedL) / $this->workings->plan->use->days;
        $text = new FigureText($label, 'use.source.lasts');
        $this->figures->add($id, $text, floor($days * 10 + 0.05) / 10, Unit::Day, Kind::Days, fn (): SumOf => new SumOf(
            'floor(10 * max(0, usable / (1 + reserve) - fixed) / daily + 0.05) / 10',
            [
                SumTerm::figure('usable', $from),
                $this->reserve(),
                SumTerm::constant('fixed', $this->words('use.sum.per-stay'), Amount::litres($need->fixedL)),
                SumTerm::constant('daily', $this->words('use.sum.per-day'), Amount::litres($perDayL)),
            ],
            new Phrase('use.figure.lasts.note'),
        ));
    }

    /** @param array<string, string> $with */
    private function words(string $key, array $with = []): string
    {
        return $this->workings->wording->text($key, $with);
    }
}
