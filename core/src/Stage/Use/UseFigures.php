<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Demand\Each;
use YardCask\Core\Demand\Per;
use YardCask\Core\Plan\PlannedUse;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Stage\Use\Shared\UseWorkings;

/** The figures of the Use stage, each with its sum. */
final readonly class UseFigures
{
    private const SOURCE = 'Bookkeeping of the trip, as entered here.';

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
        $sheet->addSupply(Supply::Main, 'use', 'Needed');
        if ($sheet->use->need(Supply::Drinking)->stayL > 0) {
            $sheet->addSupply(Supply::Drinking, 'drinking', 'Drinking');
        }
        $sheet->addAboard();
    }

    private function addUses(): void
    {
        foreach ($this->use->demand()->uses as $index => $demand) {
            $use = $this->workings->plan->use->uses[$index];
            $factors = (null === $use->litres ? 'flow × minutes × times' : 'litres × times').(Each::Person === $use->each ? ' × people' : '').(Per::Day === $use->per ? ' × days' : '');
            $this->figures->litres('uses.'.$use->id.'.stay', $use->name.', whole stay', $demand->stayL, $factors, fn (): array => $this->factors($use, '/use/uses/'.$index), self::SOURCE);
            $this->figures->litres('uses.'.$use->id.'.daily', $use->name.' a day', $demand->dailyL, 'stay ÷ days', fn (): array => [SumInput::figure('uses.'.$use->id.'.stay'), $this->days()], self::SOURCE);
        }
    }

    /** @return list<SumInput> what the litres of a use over the whole stay are the product of */
    private function factors(PlannedUse $use, string $pointer): array
    {
        $say = $this->workings->say;

        return [
            ...null === $use->litres
                ? [SumInput::field('flow', $say->format->reading($use->flowLpm ?? 0.0, Unit::LitrePerMinute, Kind::Flow), $pointer.'/flow_lpm'), SumInput::field('minutes', $say->minutes($use->minutes ?? 0.0), $pointer.'/minutes')]
                : [SumInput::field('at a time', $say->litres($use->litres), $pointer.'/litres')],
            SumInput::field('times '.$use->per->word(), self::plain($use->times), $pointer.'/times'),
            ...Each::Person === $use->each ? [SumInput::field('people', self::plain($this->workings->plan->use->crew), '/use/crew')] : [],
            ...Per::Day === $use->per ? [$this->days()] : [],
        ];
    }

    private function days(): SumInput
    {
        return SumInput::field('days', self::plain($this->workings->plan->use->days), '/use/days');
    }

    private function addSupply(Supply $supply, string $prefix, string $label): void
    {
        $need = $this->use->need($supply);
        $reserve = fn (): SumInput => SumInput::field('reserve', $this->workings->say->share($this->workings->plan->use->reserve), '/use/reserve');
        $uses = array_values(array_filter($this->workings->plan->use->uses, static fn (PlannedUse $use): bool => $supply === $use->supply));
        $this->figures->litres($prefix.'.stay', $label.' without reserve', $need->stayL, 'sum of the uses', static fn (): array => array_map(static fn (PlannedUse $use): SumInput => SumInput::figure('uses.'.$use->id.'.stay'), $uses), self::SOURCE);
        $this->figures->litres($prefix.'.daily', $label.' a day', $need->dailyL, 'stay ÷ days', fn (): array => [SumInput::figure($prefix.'.stay'), $this->days()], self::SOURCE);
        $this->figures->litres($prefix.'.needed', $label, $need->carryL, 'stay × (1 + reserve)', static fn (): array => [SumInput::figure($prefix.'.stay'), $reserve()], self::SOURCE);
        foreach (['low' => ['Thrifty end', $need->lowL, '−'], 'high' => ['Thirsty end', $need->highL, '+']] as $end => [$name, $litres, $sign]) {
            $this->figures->litres($prefix.'.'.$end, $label.', '.mb_strtolower($name), $litres, 'Σ stay × (1 '.$sign.' spread) × (1 + reserve)', static fn (): array => [SumInput::figure($prefix.'.needed'), SumInput::constant('spread', 'each use’s own'), $reserve()], 'Spreads add up: who is thrifty or thirsty is so in everything.');
        }
    }

    private function addAboard(): void
    {
        $aboard = $this->workings->of(WaterAboard::class);
        $words = $this->workings->words;
        $travelling = ['what lies above the outlets as it travels', static fn (): array => [SumInput::figure('load.travel')], 'Solid geometry of the tanks’ insides.'];
        [$formula, $inputs, $source] = $aboard->brimmed ? ['brim full: there is a tap on arrival', static fn (): array => [SumInput::figure('tanks.usable')], 'As the crew stays.'] : $travelling;
        $this->figures->litres('use.aboard', 'Aboard when the stay begins, usable', $aboard->usableL, $formula, $inputs, $source);
        $this->figures->litres('use.aboard_travel', 'Usable '.$words->underway(), $aboard->travelUsableL, ...$travelling);
        $this->addLasts('use.lasts', 'Lasts', 'use.aboard', $this->use->lastsDays($aboard->usableL));
        if ($aboard->brimmed) {
            $this->addLasts('use.lasts_travel', 'Lasts without filling up on arrival', 'use.aboard_travel', $this->use->lastsDays($aboard->travelUsableL));
        }
    }

    private function addLasts(string $id, string $label, string $from, ?float $days): void
    {
        if (null === $days) {
            return;
        }
        $say = $this->workings->say;
        $need = $this->use->need(Supply::Main);
        $this->figures->add($id, $label, floor($days * 10 + 0.05) / 10, Unit::Day, Kind::Days, '(usable ÷ (1 + reserve) − counted a stay) ÷ counted a day, rounded down', fn (): array => [
            SumInput::figure($from),
            SumInput::field('reserve', $say->share($this->workings->plan->use->reserve), '/use/reserve'),
            SumInput::constant('uses counted a stay', $say->litres($need->fixedL)),
            SumInput::constant('uses counted a day', $say->litres(($need->stayL - $need->fixedL) / $this->workings->plan->use->days)),
        ], 'Days until the reserve is touched.');
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 2, '.', ''), '0'), '.');
    }
}
