<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Runs\RunEnd;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Line\Shared\LineFill;
use YardCask\Core\Stage\Line\Shared\LineFills;
use YardCask\Core\Stage\Tanks\Shared\Draining;
use YardCask\Core\Stage\Tanks\Shared\Filling;
use YardCask\Core\Stage\Tanks\Shared\FillStream;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** How a tank is filled, drained and read, in words. */
final class Handling
{
    /** A rule of thumb: a sender that touches the floor bends when the tank flexes. */
    private const ABOVE_FLOOR_MM = 10.0;

    private const NOTHING_L = 0.005;

    /** @return list<string> */
    public static function words(TankWorking $working, Workings $workings): array
    {
        return array_values(
            array_filter(
                [
                    self::filling($working, $workings),
                    ...self::throughTheLine($working, $workings),
                    self::draining($working, $workings),
                    self::sender($working, $workings),
                ],
                is_string(...),
            ),
        );
    }

    private static function filling(TankWorking $working, Workings $workings): ?string
    {
        $filling = Filling::of($working, $workings);
        if (null === $filling) {
            return null;
        }
        $canL = $workings->plan->load->bucketL ?? Filling::USUAL_CAN_L;
        $end = $filling->run->run?->end;
        $minutes = $filling->minutes($working->fullL(), $canL);
        $by = new Phrase(match ($end) {
            RunEnd::Funnel => 'tanks.filling.cans',
            RunEnd::Bucket => 'tanks.filling.pump',
            default => 'tanks.filling.hose',
        }, [
            'cans' => (int) ceil($working->fullL() / $canL - 1e-9),
            'can' => Amount::litres($canL),
            'flow' => Amount::flow($filling->givenLpm),
            'known' => $filling->isAssumed ? 'no' : 'yes',
        ]);
        if (null === $minutes) {
            return $workings->wording->text('tanks.filling.nothing', ['by' => $by]);
        }

        return $workings->wording->text('tanks.filling', [
            'by' => $by,
            'litres' => Amount::litres($working->fullL()),
            'minutes' => Amount::minutes($minutes),
            'gravity' => RunEnd::Bucket === $end ? 'no' : 'yes',
            'flow' => Amount::flow($filling->takesLpm()),
            'lid' => $filling->isByHose() ? 'yes' : 'no',
            'pressure' => Amount::pressure(FillStream::byHose($filling)->lidKpa()),
        ]);
    }

    /** @return list<string> */
    private static function throughTheLine(TankWorking $working, Workings $workings): array
    {
        return array_map(
            static fn (LineFill $fill): string => $workings->wording->text('tanks.filling.line', [
                'mode' => $fill->mode,
                'litres' => Amount::litres($working->fullL()),
                'minutes' => Amount::minutes($fill->minutes($working->fullL())),
                'flow' => Amount::flow($fill->lpm),
                'slower' => $fill->isSlowedByWear() ? 'yes' : 'no',
                'minutes_old' => Amount::minutes($fill->minutesWorn($working->fullL())),
                'flow_old' => Amount::flow($fill->wornLpm),
            ]),
            $workings->of(LineFills::class)->of($working->tank),
        );
    }

    /** Where it has a gauge: its rod ends where nothing more is drawn. */
    private static function sender(TankWorking $working, Workings $workings): ?string
    {
        $tank = $working->tank;
        $gauge = $tank->portFor(PortRole::Gauge);
        if (null === $gauge || Face::Top !== $gauge->face) {
            return null;
        }

        $endsMm = max($tank->outletMm(), self::ABOVE_FLOOR_MM);

        return $workings->wording->text(
            'tanks.sender',
            ['length' => Amount::mm($tank->heightMm - $endsMm), 'end' => $endsMm > $tank->outletMm() ? 'floor' : 'outlet', 'clear' => Amount::mm($endsMm)],
        );
    }

    private static function draining(TankWorking $working, Workings $workings): ?string
    {
        $draining = Draining::of($working, $workings);
        if (null === $draining) {
            return null;
        }
        $minutes = $draining->minutes();
        $leftL = $draining->leftOnLevelL();
        $hoseL = $draining->hoseLeftL() ?? 0.0;

        return $workings->wording->text('tanks.draining', [
            'pressure' => Amount::pressure($draining->headKpa()),
            'flow' => Amount::flow($draining->firstLpm()),
            'ends' => null === $minutes ? 'no' : 'yes',
            'minutes' => Amount::minutes($minutes ?? 0.0),
            'leaves' => $leftL > self::NOTHING_L ? 'yes' : 'no',
            'litres_level' => Amount::litres($leftL),
            'slope' => Amount::share(Draining::SLOPE_PERCENT / 100),
            'litres_slope' => Amount::litres($draining->leftOnSlopeL()),
            'hose' => $hoseL > self::NOTHING_L ? 'yes' : 'no',
            'trapped' => Amount::little($hoseL),
        ]);
    }
}
