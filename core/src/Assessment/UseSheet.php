<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Assessment\Rule\CanEnough;
use YardCask\Core\Demand\DemandCalculator;
use YardCask\Core\Demand\Each;
use YardCask\Core\Demand\Per;
use YardCask\Core\Plan\PlannedUse;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\Unit;

/** The figures, the answer and the drawing of the Use stage. */
final readonly class UseSheet
{
    private const SOURCE = 'Bookkeeping of the trip, as entered here.';

    private function __construct(
        private Workings $workings,
        private FigureSheet $figures,
    ) {
    }

    public static function of(Workings $workings, FigureSheet $figures): StageSheet
    {
        $sheet = new self($workings, $figures);
        $sheet->addUses();
        $sheet->addSupply(Supply::Main, 'use', 'Needed');
        if ($workings->need(Supply::Drinking)->stayL > 0) {
            $sheet->addSupply(Supply::Drinking, 'drinking', 'Drinking');
        }

        return new StageSheet(Stage::Use, $sheet->answer(), ['uses' => $sheet->shares(), 'curve' => $sheet->curve()], [
            'What these litres are for must stay wholesome: use materials approved for drinking water, and test or treat water from an unknown source. The local health authority has the last word.',
        ]);
    }

    private function addUses(): void
    {
        $say = $this->workings->say;
        $plan = $this->workings->plan->use;
        $days = SumInput::field('days', self::plain($plan->days), '/use/days');
        foreach ($this->workings->demand->uses as $index => $demand) {
            $use = $plan->uses[$index];
            $pointer = '/use/uses/'.$index;
            $inputs = null === $use->litres
                ? [SumInput::field('flow', $say->format->reading($use->flowLpm ?? 0.0, Unit::LitrePerMinute, Kind::Flow), $pointer.'/flow_lpm'), SumInput::field('minutes', $say->minutes($use->minutes ?? 0.0), $pointer.'/minutes')]
                : [SumInput::field('at a time', $say->litres($use->litres), $pointer.'/litres')];
            $inputs[] = SumInput::field('times a '.$use->per->value, self::plain($use->times), $pointer.'/times');
            $factors = null === $use->litres ? 'flow × minutes × times' : 'litres × times';
            if (Each::Person === $use->each) {
                $factors .= ' × people';
                $inputs[] = SumInput::field('people', self::plain($plan->crew), '/use/crew');
            }
            if (Per::Day === $use->per) {
                $factors .= ' × days';
                $inputs[] = $days;
            }
            $stay = $this->figures->litres('uses.'.$use->id.'.stay', $use->name.', whole stay', $demand->stayL, $factors, $inputs, self::SOURCE);
            $this->figures->litres('uses.'.$use->id.'.daily', $use->name.' a day', $demand->dailyL, 'stay ÷ days', [SumInput::figure($stay), $days], self::SOURCE);
        }
    }

    private function addSupply(Supply $supply, string $prefix, string $label): void
    {
        $need = $this->workings->need($supply);
        $reserve = SumInput::field('reserve', $this->workings->say->share($this->workings->plan->use->reserve), '/use/reserve');
        $days = SumInput::field('days', self::plain($this->workings->plan->use->days), '/use/days');
        $parts = array_map(fn (PlannedUse $use): SumInput => SumInput::figure($this->figures->get('uses.'.$use->id.'.stay')), array_values(array_filter($this->workings->plan->use->uses, static fn (PlannedUse $use): bool => $supply === $use->supply)));
        $stay = $this->figures->litres($prefix.'.stay', $label.' without reserve', $need->stayL, 'sum of the uses', $parts, self::SOURCE);
        $this->figures->litres($prefix.'.daily', $label.' a day', $need->dailyL, 'stay ÷ days', [SumInput::figure($stay), $days], self::SOURCE);
        $needed = $this->figures->litres($prefix.'.needed', $label, $need->carryL, 'stay × (1 + reserve)', [SumInput::figure($stay), $reserve], self::SOURCE);
        $spread = SumInput::constant('spread', 'each use’s own');
        foreach (['low' => ['Thrifty end', $need->lowL, '−'], 'high' => ['Thirsty end', $need->highL, '+']] as $end => [$name, $litres, $sign]) {
            $this->figures->litres($prefix.'.'.$end, $label.', '.mb_strtolower($name), $litres, 'Σ stay × (1 '.$sign.' spread) × (1 + reserve)', [SumInput::figure($needed), $spread, $reserve], 'Spreads add up: who is thrifty or thirsty is so in everything.');
        }
    }

    private function answer(): Answer
    {
        $say = $this->workings->say;
        $need = $this->workings->need(Supply::Main);
        $days = $say->days($this->workings->plan->use->days);
        $drinking = $this->workings->need(Supply::Drinking)->carryL;
        $apart = $drinking > 0 ? ' Drinking apart: '.$say->litres($drinking).'.' : '';
        if ($need->carryL <= 0) {
            return new Answer('Nothing is drawn: ', $say->litres(0), '.', 'Say what the water is for, and the need follows.', 'use.needed');
        }
        if (CanEnough::suffices($this->workings)) {
            return new Answer('One can of ', $say->litres(TankProposal::CAN_L), ' is enough.', \sprintf('The stay takes %s, %s a day. No tank is needed.%s', $say->litres($need->carryL), $say->litres($need->dailyL), $apart), 'use.needed');
        }
        $demands = $this->workings->demand->uses;
        usort($demands, static fn ($a, $b): int => $b->stayL <=> $a->stayL);
        $largest = array_values(array_filter($demands, static fn ($demand): bool => Supply::Main->value === $demand->use->supply))[0];

        return new Answer('Carry ', $say->litres($need->carryL), ' for '.$days.'.', \sprintf(
            '%s a day; %s takes %s of it. Likely between %s and %s.%s',
            $say->litres($need->dailyL),
            mb_strtolower($largest->use->name),
            $say->share($largest->stayL / $need->stayL),
            $say->litres($need->lowL),
            $say->litres($need->highL),
            $apart,
        ), 'use.needed');
    }

    /** @return list<array<string, mixed>> each use with its litres a day and its share of its supply */
    private function shares(): array
    {
        $uses = $this->workings->plan->use->uses;
        $rows = [];
        foreach ($this->workings->demand->uses as $index => $demand) {
            $ofL = $this->workings->need($uses[$index]->supply)->stayL;
            $rows[] = [
                'id' => $uses[$index]->id, 'supply' => $uses[$index]->supply, 'daily' => $this->workings->say->litres($demand->dailyL),
                'share' => $ofL > 0 ? $demand->stayL / $ofL : 0.0,
            ];
        }

        return $rows;
    }

    /** @return array<string, mixed> litres to carry against days, with the band of the likely spread */
    private function curve(): array
    {
        $plan = $this->workings->plan->use;
        $usableL = $this->workings->usableL(Supply::Main);
        $lasts = $this->workings->lastsDays();
        $toDays = max($plan->days * 1.4, min(($lasts ?? 0.0) * 1.15, $plan->days * 2.5));
        // Between these two every line is straight.
        $points = array_map(static function (float $days) use ($plan): array {
            $need = DemandCalculator::calculate($plan->demandInput($days))->supply(Supply::Main->value);

            return ['days' => $days, 'litres' => $need->carryL, 'low' => $need->lowL, 'high' => $need->highL];
        }, [0.001 * $toDays, $toDays]);
        $toL = max($points[1]['high'], $usableL) * 1.05;

        return [
            'days' => $plan->days, 'to_days' => $toDays, 'needed_l' => $this->workings->need(Supply::Main)->carryL, 'usable_l' => $usableL, 'lasts_days' => $lasts ?? 0.0,
            'to_l' => $toL, 'ticks' => $this->ticks($toL), 'points' => $points,
        ];
    }

    /** @return list<array{litres: float, text: string}> three to six round figures up to $toL, in the plan's unit */
    private function ticks(float $toL): array
    {
        $unit = $this->workings->plan->units->volume;
        $top = Quantity::of($toL, Unit::Litre)->in($unit);
        if ($top <= 0) {
            return [];
        }
        $decade = 10 ** floor(log10($top / 3));
        $step = $decade * ($top / $decade > 20 ? 5 : ($top / $decade > 10 ? 2.5 : ($top / $decade > 6 ? 2 : 1)));
        $ticks = [];
        for ($at = $step; $at <= $top; $at += $step) {
            $ticks[] = ['litres' => Quantity::of($at, $unit)->in(Unit::Litre), 'text' => self::plain($at)];
        }

        return $ticks;
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 2, '.', ''), '0'), '.');
    }
}
