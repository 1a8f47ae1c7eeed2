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
        $say = $this->workings->say;
        $plan = $this->workings->plan->use;
        $days = SumInput::field('days', self::plain($plan->days), '/use/days');
        foreach ($this->use->demand()->uses as $index => $demand) {
            $use = $plan->uses[$index];
            $pointer = '/use/uses/'.$index;
            $inputs = null === $use->litres
                ? [SumInput::field('flow', $say->format->reading($use->flowLpm ?? 0.0, Unit::LitrePerMinute, Kind::Flow), $pointer.'/flow_lpm'), SumInput::field('minutes', $say->minutes($use->minutes ?? 0.0), $pointer.'/minutes')]
                : [SumInput::field('at a time', $say->litres($use->litres), $pointer.'/litres')];
            $inputs[] = SumInput::field('times '.$use->per->word(), self::plain($use->times), $pointer.'/times');
            $factors = null === $use->litres ? 'flow × minutes × times' : 'litres × times';
            if (Each::Person === $use->each) {
                $factors .= ' × people';
                $inputs[] = SumInput::field('people', self::plain($plan->crew), '/use/crew');
            }
            if (Per::Day === $use->per) {
                $factors .= ' × days';
                $inputs[] = $days;
            }
            $this->figures->litres('uses.'.$use->id.'.stay', $use->name.', whole stay', $demand->stayL, $factors, $inputs, self::SOURCE);
            $this->figures->litres('uses.'.$use->id.'.daily', $use->name.' a day', $demand->dailyL, 'stay ÷ days', [SumInput::figure('uses.'.$use->id.'.stay'), $days], self::SOURCE);
        }
    }

    private function addSupply(Supply $supply, string $prefix, string $label): void
    {
        $need = $this->use->need($supply);
        $reserve = SumInput::field('reserve', $this->workings->say->share($this->workings->plan->use->reserve), '/use/reserve');
        $days = SumInput::field('days', self::plain($this->workings->plan->use->days), '/use/days');
        $parts = array_map(static fn (PlannedUse $use): SumInput => SumInput::figure('uses.'.$use->id.'.stay'), array_values(array_filter($this->workings->plan->use->uses, static fn (PlannedUse $use): bool => $supply === $use->supply)));
        $this->figures->litres($prefix.'.stay', $label.' without reserve', $need->stayL, 'sum of the uses', $parts, self::SOURCE);
        $stay = SumInput::figure($prefix.'.stay');
        $this->figures->litres($prefix.'.daily', $label.' a day', $need->dailyL, 'stay ÷ days', [$stay, $days], self::SOURCE);
        $this->figures->litres($prefix.'.needed', $label, $need->carryL, 'stay × (1 + reserve)', [$stay, $reserve], self::SOURCE);
        $spread = SumInput::constant('spread', 'each use’s own');
        foreach (['low' => ['Thrifty end', $need->lowL, '−'], 'high' => ['Thirsty end', $need->highL, '+']] as $end => [$name, $litres, $sign]) {
            $this->figures->litres($prefix.'.'.$end, $label.', '.mb_strtolower($name), $litres, 'Σ stay × (1 '.$sign.' spread) × (1 + reserve)', [SumInput::figure($prefix.'.needed'), $spread, $reserve], 'Spreads add up: who is thrifty or thirsty is so in everything.');
        }
    }

    private function addAboard(): void
    {
        $aboard = $this->workings->of(WaterAboard::class);
        $words = $this->workings->words;
        $travelling = ['what lies above the outlets as it travels', [SumInput::figure('load.travel')], 'Solid geometry of the tanks’ insides.'];
        [$formula, $inputs, $source] = $aboard->brimmed ? ['brim full: there is a tap on arrival', [SumInput::figure('tanks.usable')], 'As the crew stays.'] : $travelling;
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
        $this->figures->add($id, $label, floor($days * 10 + 0.05) / 10, Unit::Day, Kind::Days, '(usable ÷ (1 + reserve) − counted a stay) ÷ counted a day, rounded down', [
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
