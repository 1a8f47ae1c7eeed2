<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Line\Solve\HotOutlet;
use YardCask\Core\Stage\Line\Solve\StoreHeat;
use YardCask\Core\Stage\Line\Solve\WarmWater;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;

/** The figures of hot water: how warm it is at an outlet, and what a store takes to heat. */
final readonly class HotFigures
{
    private function __construct(
        private Workings $workings,
        private FigureSheet $figures,
        private LineWorkings $line,
    ) {
    }

    public static function warmId(PlannedPart $outlet): string
    {
        return 'line.'.$outlet->id.'.warm';
    }

    public static function minutesId(PlannedPart $heater): string
    {
        return 'line.'.$heater->id.'.heat_minutes';
    }

    public static function add(Workings $workings, FigureSheet $figures): void
    {
        $sheet = new self($workings, $figures, $workings->of(LineWorkings::class));
        foreach ($sheet->line->graph->outlets as $outlet) {
            $hot = HotOutlet::of($outlet, $sheet->line);
            if (null !== $hot) {
                $sheet->addWarm($outlet, $hot);
            }
        }
        foreach ($sheet->line->graph->parts(PartKind::StorageHeater) as $heater) {
            if ($heater->figures instanceof HeaterFigures && $heater->figures->litres > 0) {
                $sheet->addStore($heater, $heater->figures);
            }
        }
    }

    /** Mixed from hot and cold, or what a heater’s power makes of the flow if that is less. */
    private function addWarm(PlannedPart $outlet, HotOutlet $hot): void
    {
        $solved = $this->line->alone($outlet)->outlets[$outlet->id];
        if ($solved->lpm <= 1e-6) {
            return;
        }
        $mixedC = WarmWater::COLD_C + $solved->hotShare * ($hot->arrivesC - WarmWater::COLD_C);
        $isLimited = $solved->c < $mixedC - 1e-9;
        $text = new FigureText('line.figure.warm.label', $isLimited ? 'line.source.power' : 'line.source.mixed', ['outlet' => $outlet->name]);
        $sum = fn (): SumOf => $isLimited
            ? new SumOf('cold + watts / (heat * flow)', [
                $this->cold(),
                $this->heaterField('watts', 'line.sum.watts', Amount::number($hot->figures->watts), $hot->heater, 'watts'),
                SumTerm::constant('heat', $this->words('line.sum.heat-flow'), Amount::number(4186 / 60)),
                SumTerm::figure('flow', Shared\OutletFlows::figureId($outlet->id)),
            ])
            : new SumOf('cold + share * (hot - cold)', [
                $this->cold(),
                SumTerm::found('share', $this->words('line.sum.hot-share'), Amount::share($solved->hotShare)),
                SumTerm::constant('hot', $this->words('line.sum.arrives'), Amount::temperature($hot->arrivesC)),
            ]);
        $this->figures->add(self::warmId($outlet), $text, $solved->c, Unit::Celsius, Kind::Temperature, $sum);
    }

    private function addStore(PlannedPart $heater, HeaterFigures $figures): void
    {
        $heat = StoreHeat::of($figures);
        $with = ['heater' => $heater->name];
        $terms = fn (): array => [
            $this->heaterField('litres', 'line.sum.store-litres', Amount::litres($figures->litres), $heater, 'litres'),
            SumTerm::constant('heat', $this->words('line.sum.heat'), Amount::number(4.186)),
            $this->heaterField('hot', 'line.sum.stored', Amount::temperature($figures->hotC), $heater, 'hot_c'),
            $this->cold(),
        ];
        $this->figures->add(
            self::minutesId($heater),
            new FigureText('line.figure.heat-minutes.label', 'line.source.heat', $with),
            $heat->minutes,
            Unit::Minute,
            Kind::Duration,
            fn (): SumOf => new SumOf('litres * heat * (hot - cold) * 1000 / watts / 60', [
                ...$terms(),
                $this->heaterField('watts', 'line.sum.watts', Amount::number($figures->watts), $heater, 'watts'),
            ]),
        );
        $text = new FigureText('line.figure.heat-amp-hours.label', 'line.source.heat', $with);
        $this->figures->add('line.'.$heater->id.'.heat_amp_hours', $text, $heat->ampHours, Unit::One, Kind::Count, fn (): SumOf => new SumOf(
            'litres * heat * (hot - cold) / 3.6 / volts',
            [...$terms(), SumTerm::assumed('volts', $this->words('line.sum.volts'), Amount::number(StoreHeat::BATTERY_V))],
        ));
        if ($heat->warmHours > 0) {
            $text = new FigureText('line.figure.warm-hours.label', 'line.source.cooling', $with + ['warm' => Amount::temperature(WarmWater::COMFORT_C)]);
            $sum = fn (): SumOf => $this->cooling($heat, $terms());
            $this->figures->add('line.'.$heater->id.'.warm_hours', $text, $heat->warmHours, Unit::One, Kind::Count, $sum);
        }
    }

    /** @param list<SumTerm> $terms */
    private function cooling(StoreHeat $heat, array $terms): SumOf
    {
        $falls = log(($heat->figures->hotC - WarmWater::COLD_C) / (WarmWater::COMFORT_C - WarmWater::COLD_C));

        return new SumOf('litres * heat / 3.6 / (loss * surface) * falls', [
            $terms[0],
            $terms[1],
            SumTerm::assumed('loss', $this->words('line.sum.loss'), Amount::number(StoreHeat::LOSS_W_M2K)),
            SumTerm::constant('surface', $this->words('line.sum.surface'), Amount::number(StoreHeat::surfaceM2($heat->figures->litres))),
            SumTerm::constant('falls', $this->words('line.sum.falls', [
                'hot' => Amount::temperature($heat->figures->hotC),
                'warm' => Amount::temperature(WarmWater::COMFORT_C),
                'cold' => Amount::temperature(WarmWater::COLD_C),
            ]), Amount::number($falls)),
        ]);
    }

    private function cold(): SumTerm
    {
        return SumTerm::assumed('cold', $this->words('line.sum.cold'), Amount::temperature(WarmWater::COLD_C));
    }

    private function heaterField(string $symbol, string $label, Amount $amount, PlannedPart $heater, string $key): SumTerm
    {
        $index = (int) array_search($heater, $this->workings->plan->line->parts, true);

        return SumTerm::field($symbol, $this->words($label), $amount, '/line/parts/'.$index.'/figures/'.$key);
    }

    /** @param array<string, Amount> $with */
    private function words(string $key, array $with = []): string
    {
        return $this->workings->wording->text($key, $with);
    }
}
