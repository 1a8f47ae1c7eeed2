<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Fill;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
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
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
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

    /** Why nothing may be filled as it stands: a limit is broken on the road. Empty where it may. */
    public static function whyNot(Workings $workings): string
    {
        foreach ($workings->of(LoadWorkings::class)->limits() as $limit) {
            if ($limit->onTheRoad->isBroken()) {
                return $workings->wording->text('load.slip.why-not', ['carrier' => LimitWords::carrier($limit->name, $workings->rigWords)]);
            }
        }

        return '';
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
        $wording = $this->workings->wording;
        $load = $this->workings->plan->load;
        $tank = $working->tank;
        $id = self::id($working);
        $litres = $this->litres($working);
        $fill = static fn (): SumInput => null === $tank->travelFill
            ? SumInput::field($wording->text('load.sum.how-full'), $wording->share($load->travelFill), '/load/travel_fill')
            : SumInput::field($wording->text('load.sum.how-full-own'), $wording->share($tank->travelFill), $working->pointer().'/travel_fill');
        $of = fn (string $label, string $formula, string $source): FigureText => new FigureText(
            $label,
            $formula,
            $source,
            ['tank' => $tank->name, 'rig' => $this->workings->plan->load->rig->kind()],
        );
        $meteredL = null === $load->bucketL || null === $load->meterL ? null : $litres * $load->meterL / $load->bucketL;
        // What the meter shows is told from what goes in.
        $digits = null === $meteredL ? 0 : $wording->digitsThatTellApart([Amount::litres($litres), Amount::litres($meteredL)]);
        $text = $of('load.figure.slip.label', 'load.figure.slip.formula', 'load.source.run-dry');
        $figures->litres(
            $id,
            $text,
            $litres,
            static fn (): array => [SumInput::figure('tanks.'.$tank->id.'.full'), $fill(), SumInput::figure('tanks.'.$tank->id.'.below_outlet')],
            $digits,
        );
        $exact = static fn (float $value, Unit $unit, Kind $kind): string => $wording->format->readingExact($value, $unit, $kind);
        $from = $this->source($working);
        if ($from instanceof LineFill) {
            $with = ['tank' => $tank->name, 'mode' => $from->mode];
            $text = new FigureText('load.figure.slip-line.label', 'load.figure.slip-line.formula', 'load.source.line', $with);
            $line = SumInput::figure(LineFills::figureId($tank->id));
            $figures->add($id.'.minutes', $text, $from->minutes($litres), Unit::Minute, Kind::Duration, static fn (): array => [SumInput::figure($id), $line]);
        } elseif (null !== $from) {
            $text = $of('load.figure.slip-minutes.label', 'load.figure.slip-minutes.formula', 'load.source.hose');
            $hose = SumInput::field($wording->text('load.sum.hose'), $exact($from, Unit::LitrePerMinute, Kind::Flow), '/load/hose_lpm');
            $figures->add($id.'.minutes', $text, $litres / $from, Unit::Minute, Kind::Duration, static fn (): array => [SumInput::figure($id), $hose]);
        }
        if (null !== $meteredL) {
            $text = $of('load.figure.slip-meter.label', 'load.figure.slip-meter.formula', 'load.source.meter');
            $meter = SumInput::field($wording->text('load.sum.meter'), $exact($load->meterL, Unit::Litre, Kind::Volume), '/load/meter_l');
            $bucket = SumInput::field($wording->text('load.sum.bucket'), $exact($load->bucketL, Unit::Litre, Kind::Volume), '/load/bucket_l');
            $figures->litres($id.'.meter', $text, $meteredL, static fn (): array => [SumInput::figure($id), $meter, $bucket], $digits);
        }
    }

    private static function id(TankWorking $working): string
    {
        return 'load.slip.'.$working->tank->id;
    }
}
