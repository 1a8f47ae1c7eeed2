<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line;

use YardCask\Core\Accumulator\AccumulatorCalculator;
use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\OutletFigures;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Line\Solve\PumpStarts;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;
use YardCask\Core\Words\Phrase;

/** How often a pump starts while a tap trickles, and what its vessel and the hoses give between two starts. */
final readonly class StartsFigures
{
    private const DRAWDOWN = 'line.drawdown';

    public function __construct(
        private Workings $workings,
        private FigureSheet $figures,
        private PumpStarts $starts,
    ) {
    }

    public function add(): void
    {
        $text = new FigureText('line.figure.drawdown.label', 'line.source.boyle');
        $this->figures->litres(self::DRAWDOWN, $text, $this->starts->result->drawdownL, $this->drawdown(...));
        $perHour = round(min(PumpStarts::MOST_STARTS, (float) $this->starts->result->cyclesPerHour));
        $text = new FigureText('line.figure.starts.label', 'line.source.cycle');
        $this->figures->add('line.starts', $text, $perHour, Unit::One, Kind::Count, $this->cycles(...));
    }

    /** An hour over the time to draw the water between two starts and to pump it again: 1 / (V / tap + V / (pump - tap)). */
    private function cycles(): SumOf
    {
        $input = $this->starts->input;
        $tap = SumTerm::assumed('tap', $this->words('line.sum.tap'), Amount::flow($input->tapLpm));
        $pump = SumTerm::constant('pump', $this->words('line.sum.pump-mean'), Amount::flow($input->pumpLpm));

        return new SumOf(
            'floor(min('.PumpStarts::MOST_STARTS.', 60 * tap * max(0, pump - tap) / (drawdown * pump)) + 0.5)',
            [SumTerm::figure('drawdown', self::DRAWDOWN), $tap, $pump],
            $input->pumpLpm > $input->tapLpm ? null : new Phrase('line.figure.starts.note'),
        );
    }

    /** Boyle: of the vessel’s volume what the air gives up from one pressure to the other, and what the hoses give. */
    private function drawdown(): SumOf
    {
        $input = $this->starts->input;
        $stretch = $this->words('line.sum.stretch', ['pressure' => Amount::pressure(OutletFigures::RATED_KPA)]);

        return new SumOf(
            'volume * (max(0, 1 - (precharge + air) / (stop + air)) - max(0, 1 - (precharge + air) / (start + air))) + stretch * (stop - start) / 100',
            [
                SumTerm::constant('volume', $this->words('line.sum.vessel'), Amount::litres($input->volumeL)),
                SumTerm::constant('precharge', $this->words('line.sum.precharge'), Amount::pressure($input->prechargeKpa)),
                SumTerm::constant('air', $this->words('line.sum.air'), Amount::pressure(AccumulatorCalculator::ATMOSPHERE_KPA)),
                SumTerm::constant('stop', $this->words('line.sum.cut-out'), Amount::pressure($input->cutOutKpa)),
                SumTerm::constant('start', $this->words('line.sum.cut-in'), Amount::pressure($input->cutInKpa)),
                SumTerm::constant('stretch', $stretch, Amount::litres($input->stretchLPer100kpa)),
            ],
        );
    }

    /** @param array<string, Amount> $with */
    private function words(string $key, array $with = []): string
    {
        return $this->workings->wording->text($key, $with);
    }
}
