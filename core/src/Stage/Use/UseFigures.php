<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Demand\Each;
use YardCask\Core\Demand\Per;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Line\Shared\OutletFlows;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Words\FigureText;

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
            $with = ['use' => $use->name, 'by' => null === $use->litres ? 'flow' : 'litres', 'each' => $use->each, 'per' => $use->per];
            $stay = new FigureText('use.figure.use-stay.label', 'use.figure.use-stay.formula', 'use.source.entered', $with);
            $daily = new FigureText('use.figure.use-daily.label', 'use.figure.daily.formula', 'use.source.entered', $with);
            $this->figures->litres('uses.'.$use->id.'.stay', $stay, $demand->stayL, fn (): array => $this->factors($use, '/use/uses/'.$index));
            $this->figures->litres(
                'uses.'.$use->id.'.daily',
                $daily,
                $demand->dailyL,
                fn (): array => [SumInput::figure('uses.'.$use->id.'.stay'), $this->days()],
            );
        }
    }

    /** @return list<SumInput> what the litres of a use over the whole stay are the product of */
    private function factors(PlannedUse $use, string $pointer): array
    {
        $wording = $this->workings->wording;

        return [
            ...null === $use->litres
                ? [
                    $this->lineFlow($use) ?? SumInput::field($wording->text('use.sum.flow'), $wording->flow($use->flowLpm ?? 0.0), $pointer.'/flow_lpm'),
                    SumInput::field($wording->text('use.sum.minutes'), $wording->minutes($use->minutes ?? 0.0), $pointer.'/minutes'),
                ]
                : [SumInput::field($wording->text('use.sum.litres'), $wording->litres($use->litres), $pointer.'/litres')],
            SumInput::field($wording->text('use.sum.times', ['per' => $use->per->word()]), self::plain($use->times), $pointer.'/times'),
            ...Each::Person === $use->each
                ? [SumInput::field($wording->text('use.sum.people'), self::plain($this->workings->plan->use->crew), '/use/crew')]
                : [],
            ...Per::Day === $use->per ? [$this->days()] : [],
        ];
    }

    /** The flow of its outlet; null where the typed flow counts. */
    private function lineFlow(PlannedUse $use): ?SumInput
    {
        $figure = $this->workings->of(OutletFlows::class)->figureOf($use);

        return null === $figure ? null : SumInput::figure($figure);
    }

    private function days(): SumInput
    {
        return SumInput::field($this->workings->wording->text('use.sum.days'), self::plain($this->workings->plan->use->days), '/use/days');
    }

    private function addSupply(Supply $supply, string $prefix): void
    {
        $need = $this->use->need($supply);
        $wording = $this->workings->wording;
        $reserve = fn (): SumInput => SumInput::field($wording->text('use.sum.reserve'), $wording->share($this->workings->plan->use->reserve), '/use/reserve');
        $uses = array_values(array_filter($this->workings->plan->use->uses, static fn (PlannedUse $use): bool => $supply === $use->supply));
        $with = ['supply' => $supply];
        $entered = static fn (string $label, string $formula): FigureText => new FigureText($label, $formula, 'use.source.entered', $with);
        $ofUses = static fn (): array => array_map(static fn (PlannedUse $use): SumInput => SumInput::figure('uses.'.$use->id.'.stay'), $uses);
        $this->figures->litres($prefix.'.stay', $entered('use.figure.stay.label', 'use.figure.stay.formula'), $need->stayL, $ofUses);
        $this->figures->litres(
            $prefix.'.daily',
            $entered('use.figure.daily.label', 'use.figure.daily.formula'),
            $need->dailyL,
            fn (): array => [SumInput::figure($prefix.'.stay'), $this->days()],
        );
        $this->figures->litres(
            $prefix.'.needed',
            $entered('use.figure.needed.label', 'use.figure.needed.formula'),
            $need->carryL,
            static fn (): array => [SumInput::figure($prefix.'.stay'), $reserve()],
        );
        foreach (['low' => $need->lowL, 'high' => $need->highL] as $end => $litres) {
            $text = new FigureText('use.figure.spread.label', 'use.figure.spread.formula', 'use.source.spread', $with + ['end' => $end]);
            $spread = SumInput::constant($wording->text('use.sum.spread'), $wording->text('use.sum.spread.own'));
            $this->figures->litres($prefix.'.'.$end, $text, $litres, static fn (): array => [SumInput::figure($prefix.'.needed'), $spread, $reserve()]);
        }
    }

    private function addAboard(): void
    {
        $aboard = $this->workings->of(WaterAboard::class);
        $with = ['rig' => $this->workings->plan->load->rig->kind()];
        $asItTravels = static fn (): array => [SumInput::figure('load.travel')];
        $brimFull = static fn (): array => [SumInput::figure('tanks.usable')];
        $text = $aboard->brimmed
            ? new FigureText('use.figure.aboard.label', 'use.figure.aboard.formula', 'use.source.stay')
            : new FigureText('use.figure.aboard.label', 'use.figure.aboard-travel.formula', 'use.source.solid', $with);
        $this->figures->litres('use.aboard', $text, $aboard->usableL, $aboard->brimmed ? $brimFull : $asItTravels);
        $travel = new FigureText('use.figure.aboard-travel.label', 'use.figure.aboard-travel.formula', 'use.source.solid', $with);
        $this->figures->litres('use.aboard_travel', $travel, $aboard->travelUsableL, $asItTravels);
        $this->addLasts('use.lasts', 'use.figure.lasts.label', 'use.aboard', $this->use->lastsDays($aboard->usableL));
        if ($aboard->brimmed) {
            $this->addLasts('use.lasts_travel', 'use.figure.lasts-travel.label', 'use.aboard_travel', $this->use->lastsDays($aboard->travelUsableL));
        }
    }

    private function addLasts(string $id, string $label, string $from, ?float $days): void
    {
        if (null === $days) {
            return;
        }
        $wording = $this->workings->wording;
        $need = $this->use->need(Supply::Main);
        $text = new FigureText($label, 'use.figure.lasts.formula', 'use.source.lasts');
        $this->figures->add($id, $text, floor($days * 10 + 0.05) / 10, Unit::Day, Kind::Days, fn (): array => [
            SumInput::figure($from),
            SumInput::field($wording->text('use.sum.reserve'), $wording->share($this->workings->plan->use->reserve), '/use/reserve'),
            SumInput::constant($wording->text('use.sum.per-stay'), $wording->litres($need->fixedL)),
            SumInput::constant($wording->text('use.sum.per-day'), $wording->litres(($need->stayL - $need->fixedL) / $this->workings->plan->use->days)),
        ]);
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 2, '.', ''), '0'), '.');
    }
}
