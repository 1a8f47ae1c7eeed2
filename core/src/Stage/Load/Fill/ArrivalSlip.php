<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Fill;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Load\Drawing\ArrivalRow;
use YardCask\Core\Stage\Tanks\Shared\Filling;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\Shared\TravelFillTerm;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;

/** How to fill up on arrival, from how full each fresh tank travels to brim full: by hose, or with cans carried from the tap. */
final readonly class ArrivalSlip
{
    /** One in each hand. */
    private const CANS_AT_A_TIME = 2;
    private const DREGS_L = 0.5;

    private function __construct(private Workings $workings)
    {
    }

    public static function addFigures(Workings $workings, FigureSheet $figures): void
    {
        foreach ((new self($workings))->filled() as $working) {
            $text = new FigureText('load.figure.arrival.label', 'load.source.run-dry', ['tank' => $working->tank->name]);
            $figures->litres(self::id($working), $text, self::litres($working, $workings), static fn (): SumOf => new SumOf(
                'full * (1 - fill)',
                [SumTerm::figure('full', 'tanks.'.$working->tank->id.'.full'), TravelFillTerm::of('fill', $working, $workings)],
            ));
        }
    }

    /** @return list<ArrivalRow> one for each fresh tank that is filled up where the stay begins; none where there is no tap */
    public static function rows(Workings $workings): array
    {
        $slip = new self($workings);

        return array_map($slip->row(...), $slip->filled());
    }

    /** @return list<TankWorking> */
    private function filled(): array
    {
        $isBrimmed = $this->workings->of(WaterAboard::class)->brimmed && '' === FillSlip::whyNot($this->workings);

        return array_values(array_filter(
            $isBrimmed ? $this->workings->of(TanksWorkings::class)->that(WaterKind::Fresh) : [],
            fn (TankWorking $working): bool => self::litres($working, $this->workings) > self::DREGS_L,
        ));
    }

    private function row(TankWorking $working): ArrivalRow
    {
        $litres = self::litres($working, $this->workings);
        $isCan = TankMounting::Can === $working->tank->form;
        $canL = $this->workings->plan->load->bucketL ?? Filling::USUAL_CAN_L;
        $poured = (int) ceil($litres / $canL - 1e-9);
        $cans = $isCan ? (int) $working->tank->count : $poured;
        $wording = $this->workings->wording;
        $hose = Filling::of($working, $this->workings);
        $byHose = true === $hose?->isByHose() && $hose->flowLpm() > 0;

        return new ArrivalRow(
            id: $working->tank->id,
            name: $working->tank->name,
            litresFigureId: self::id($working),
            byHose: $byHose ? $wording->text('load.arrival.hose', [
                'minutes' => Amount::minutes($litres / $hose->flowLpm()),
                'flow' => Amount::flow($hose->flowLpm()),
                'known' => $hose->isAssumed ? 'no' : 'yes',
            ]) : null,
            byCans: $wording->text($isCan ? 'load.arrival.own-cans' : 'load.arrival.cans', [
                'cans' => $cans,
                'can' => Amount::litres($canL),
                'known' => null === $this->workings->plan->load->bucketL ? 'no' : 'yes',
                'at_a_time' => self::CANS_AT_A_TIME,
                'trips' => (int) ceil($cans / self::CANS_AT_A_TIME),
                'minutes' => Amount::minutes($litres / Filling::POURED_LPM + $poured * Filling::MINUTES_A_CAN),
            ]),
        );
    }

    private static function litres(TankWorking $working, Workings $workings): float
    {
        return (1 - $workings->plan->travelFillOf($working->tank)) * $working->fullL();
    }

    private static function id(TankWorking $working): string
    {
        return 'load.arrival.'.$working->tank->id;
    }
}
