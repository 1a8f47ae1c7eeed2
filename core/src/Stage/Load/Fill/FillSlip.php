<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Fill;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Line\Shared\LineFill;
use YardCask\Core\Stage\Line\Shared\LineFills;
use YardCask\Core\Stage\Load\Drawing\SlipRow;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\WheelLoads;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\Shared\TravelFillTerm;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;
use YardCask\Core\Words\Phrase;

/**
 * How to fill each fresh tank as full as it travels: litres, buckets, minutes of the hose, the reading at which a meter is stopped.
 *
 * Counted from run dry, with what lies below the outlet still in it: so no tank comes out fuller than the limits allow.
 */
final readonly class FillSlip
{
    /** So much of a bucket is nobody's business. */
    private const DREGS_L = 0.05;

    private function __construct(private Workings $workings)
    {
    }

    public static function addFigures(Workings $workings, FigureSheet $figures): void
    {
        $slip = new self($workings);
        foreach ($slip->filled() as $working) {
            $slip->add($working, $figures);
        }
    }

    /** Why nothing may be filled as it stands: a limit, or that of a tyre, is broken on the road. Empty where it may. */
    public static function whyNot(Workings $workings): string
    {
        $tyre = WheelLoads::worstOver($workings)?->phrase($workings->plan->load->rig);
        foreach ($workings->of(LoadWorkings::class)->limits() as $limit) {
            if ($limit->onTheRoad->isBroken()) {
                return $workings->wording->text('load.slip.why-not', ['carrier' => LimitWords::carrier($limit->name, $workings->rigWords)]);
            }
        }

        return null === $tyre ? '' : $workings->wording->text('load.slip.why-not', ['carrier' => $tyre]);
    }

    /** @return list<SlipRow> one for each fresh tank that travels with water beyond what is never drawn; none while a limit is broken */
    public static function rows(Workings $workings): array
    {
        $slip = new self($workings);

        return '' === self::whyNot($workings) ? array_map($slip->row(...), $slip->filled()) : [];
    }

    /** @return list<TankWorking> */
    private function filled(): array
    {
        return array_values(
            array_filter(
                $this->workings->of(TanksWorkings::class)->that(WaterKind::Fresh),
                fn (TankWorking $working): bool => $this->litres($working) > self::DREGS_L,
            ),
        );
    }

    private function litres(TankWorking $working): float
    {
        return $working->drawableL($this->workings->plan->travelFillOf($working->tank));
    }

    /** What fills it: the line where nothing else does, or the hose that somebody has measured; null where nobody knows. */
    private function source(TankWorking $working): LineFill|float|null
    {
        $line = $this->workings->of(LineFills::class)->of($working->tank)[0] ?? null;

        return null === $line || null !== $working->tank->portFor(PortRole::Fill) ? $this->workings->plan->load->hoseLpm : $line;
    }

    private function row(TankWorking $working): SlipRow
    {
        $load = $this->workings->plan->load;
        $id = self::id($working);

        return new SlipRow(
            id: $working->tank->id,
            name: $working->tank->name,
            litresFigureId: $id,
            cans: $this->cans($working),
            buckets: null === $load->bucketL ? null : $this->buckets($this->litres($working), $load->bucketL),
            minutesFigureId: null === $this->source($working) ? null : $id.'.minutes',
            meterFigureId: null === $load->bucketL || null === $load->meterL ? null : $id.'.meter',
        );
    }

    /** Cans are filled and carried one by one: as many as can be full, and the rest in one. */
    private function cans(TankWorking $working): ?string
    {
        if (TankMounting::Can !== $working->tank->form) {
            return null;
        }
        $oneL = $working->fullL() / $working->tank->count;
        $litres = $this->workings->plan->travelFillOf($working->tank) * $working->fullL();
        $full = floor(($litres + self::DREGS_L) / $oneL);
        $restL = $litres - $full * $oneL;
        $parts = $full > 0 ? [
            new Phrase(
                'load.slip.cans-full',
                ['full' => (int) $full, 'cans' => (int) $working->tank->count, 'each' => Amount::kg($oneL + $working->tank->emptyKg)],
            ),
        ] : [];
        if ($restL > self::DREGS_L) {
            $parts[] = new Phrase('load.slip.can-part', ['litres' => Amount::litresAtMost($restL)]);
        }

        return $this->workings->wording->list($parts);
    }

    private function buckets(float $litres, float $bucketL): string
    {
        $whole = floor(($litres + self::DREGS_L) / $bucketL);
        $restL = $litres - $whole * $bucketL;
        $parts = [];
        if ($whole > 0) {
            $parts[] = new Phrase('load.slip.buckets', ['buckets' => (int) $whole]);
        }
        if ($restL > self::DREGS_L) {
            $parts[] = $this->workings->wording->litresAtMost($restL);
        }

        return $this->workings->wording->list($parts);
    }

    private function add(TankWorking $working, FigureSheet $figures): void
    {
        $load = $this->workings->plan->load;
        $tank = $working->tank;
        $id = self::id($working);
        $litres = $this->litres($working);
        $with = ['tank' => $tank->name, 'rig' => $load->rig->kind()];
        $meteredL = null === $load->bucketL || null === $load->meterL ? null : $litres * $load->meterL / $load->bucketL;
        // What the meter shows is told from what goes in.
        $digits = null === $meteredL ? 0 : $this->workings->wording->digitsThatTellApart([Amount::litres($litres), Amount::litres($meteredL)]);
        $figures->litres($id, new FigureText('load.figure.slip.label', 'load.source.run-dry', $with), $litres, fn (): SumOf => new SumOf(
            'full * fill - below',
            [
                SumTerm::figure('full', 'tanks.'.$tank->id.'.full'),
                TravelFillTerm::of('fill', $working, $this->workings),
                SumTerm::figure('below', 'tanks.'.$tank->id.'.below_outlet'),
            ],
        ), $digits);
        $this->addMinutes($working, $litres, $figures);
        if (null !== $meteredL) {
            $text = new FigureText('load.figure.slip-meter.label', 'load.source.meter', $with);
            $figures->litres($id.'.meter', $text, $meteredL, fn (): SumOf => new SumOf('litres * meter / bucket', [
                SumTerm::figure('litres', $id),
                SumTerm::field('meter', $this->workings->wording->text('load.sum.meter'), Amount::litres($load->meterL), '/load/meter_l'),
                SumTerm::field('bucket', $this->workings->wording->text('load.sum.bucket'), Amount::litres($load->bucketL), '/load/bucket_l'),
            ]), $digits);
        }
    }

    private function addMinutes(TankWorking $working, float $litres, FigureSheet $figures): void
    {
        $from = $this->source($working);
        if (null === $from) {
            return;
        }
        $id = self::id($working);
        $with = ['tank' => $working->tank->name];
        [$text, $minutes, $flow] = $from instanceof LineFill
            ? [
                new FigureText('load.figure.slip-line.label', 'load.source.line', $with + ['mode' => $from->mode]),
                $from->minutes($litres),
                SumTerm::figure('flow', LineFills::figureId($working->tank->id)),
            ]
            : [
                new FigureText('load.figure.slip-minutes.label', 'load.source.hose', $with),
                $litres / $from,
                SumTerm::field('flow', $this->workings->wording->text('load.sum.hose'), Amount::flow($from), '/load/hose_lpm'),
            ];
        $sum = static fn (): SumOf => new SumOf('litres / flow', [SumTerm::figure('litres', $id), $flow]);
        $figures->add($id.'.minutes', $text, $minutes, Unit::Minute, Kind::Duration, $sum);
    }

    private static function id(TankWorking $working): string
    {
        return 'load.slip.'.$working->tank->id;
    }
}
