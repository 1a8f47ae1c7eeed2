<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Holds;
use YardCask\Core\Plan\TankMounting;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;

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
                return \sprintf('No slip yet: filled like this, %s is over its limit.', LimitWords::carrier($limit->name, $workings->words));
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
        return array_values(array_filter($this->workings->of(TanksWorkings::class)->that(Holds::Fresh), fn (TankWorking $working): bool => $this->litres($working) > self::DREGS_L));
    }

    private function litres(TankWorking $working): float
    {
        return $working->drawableL($this->workings->plan->travelFillOf($working->tank));
    }

    private function row(TankWorking $working): SlipRow
    {
        $load = $this->workings->plan->load;
        $id = self::id($working);

        return new SlipRow(
            $working->tank->id,
            $working->tank->name,
            $id,
            $this->cans($working),
            null === $load->bucketL ? null : $this->buckets($this->litres($working), $load->bucketL),
            null === $load->hoseLpm ? null : $id.'.minutes',
            null === $load->bucketL || null === $load->meterL ? null : $id.'.meter',
        );
    }

    /** Cans are filled and carried one by one: as many as can be full, and the rest in one. */
    private function cans(TankWorking $working): ?string
    {
        if (TankMounting::Can !== $working->tank->form) {
            return null;
        }
        $say = $this->workings->say;
        $oneL = $working->fullL() / $working->tank->count;
        $litres = $this->workings->plan->travelFillOf($working->tank) * $working->fullL();
        $full = floor(($litres + self::DREGS_L) / $oneL);
        $restL = $litres - $full * $oneL;
        $parts = $full > 0 ? [\sprintf('%d of %d full, %s each', $full, $working->tank->count, $say->kg($oneL + $working->tank->emptyKg))] : [];
        if ($restL > self::DREGS_L) {
            $parts[] = 'one with '.$say->litresAtMost($restL);
        }

        return implode(', ', $parts);
    }

    private function buckets(float $litres, float $bucketL): string
    {
        $whole = floor(($litres + self::DREGS_L) / $bucketL);
        $restL = $litres - $whole * $bucketL;
        $parts = [];
        if ($whole > 0) {
            $parts[] = \sprintf('%d %s', $whole, 1.0 === $whole ? 'bucket' : 'buckets');
        }
        if ($restL > self::DREGS_L) {
            $parts[] = $this->workings->say->litresAtMost($restL);
        }

        return implode(' and ', $parts);
    }

    private function add(TankWorking $working, FigureSheet $figures): void
    {
        $say = $this->workings->say;
        $load = $this->workings->plan->load;
        $tank = $working->tank;
        $id = self::id($working);
        $litres = $this->litres($working);
        $fill = static fn (): SumInput => null === $tank->travelFill
            ? SumInput::field('how full to travel', $say->share($load->travelFill), '/load/travel_fill')
            : SumInput::field('how full it travels', $say->share($tank->travelFill), $working->pointer().'/travel_fill');
        $figures->litres($id, $tank->name.', to fill for the road', $litres, 'brim full × how full − what lies below the outlet', static fn (): array => [SumInput::figure('tanks.'.$tank->id.'.full'), $fill(), SumInput::figure('tanks.'.$tank->id.'.below_outlet')], 'From run dry: what lies below the outlet is still in it.');
        if (null !== $load->hoseLpm) {
            $figures->add($id.'.minutes', $tank->name.', minutes of the hose', $litres / $load->hoseLpm, Unit::Minute, Kind::Duration, 'litres ÷ what the hose gives', static fn (): array => [SumInput::figure($id), SumInput::field('the hose gives', $say->format->readingExact($load->hoseLpm, Unit::LitrePerMinute, Kind::Flow), '/load/hose_lpm')], 'A steady flow, measured with a bucket and a watch.');
        }
        if (null !== $load->bucketL && null !== $load->meterL) {
            $figures->litres($id.'.meter', $tank->name.', stop the meter at', $litres * $load->meterL / $load->bucketL, 'litres × meter for one bucket ÷ bucket', static fn (): array => [
                SumInput::figure($id),
                SumInput::field('meter for one bucket', $say->format->readingExact($load->meterL, Unit::Litre, Kind::Volume), '/load/meter_l'),
                SumInput::field('bucket', $say->format->readingExact($load->bucketL, Unit::Litre, Kind::Volume), '/load/bucket_l'),
            ], 'A meter that is wrong by a factor, checked against a bucket.');
        }
    }

    private static function id(TankWorking $working): string
    {
        return 'load.slip.'.$working->tank->id;
    }
}
