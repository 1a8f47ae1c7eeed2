<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\PlannedShape;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** What goes into the sums of a tank's volumes: its inside from one level to another, less what its baffles take. */
final readonly class TankVolumeTerms
{
    private PlannedTank $tank;

    public function __construct(
        private TankWorking $working,
        private Workings $workings,
    ) {
        $this->tank = $working->tank;
    }

    /**
     * @param string $to a level: `height`, `overflow` or `outlet`
     * @param string|null $from null from the floor
     */
    public function between(string $to, ?string $from = null): SumOf
    {
        [$inside, $terms] = $this->inside($to, $from);
        $kept = ['baffles', ...null === $this->tank->looseFraction ? [] : ['loose']];
        $factors = [...$this->tank->count > 1 ? ['alike'] : [], $inside, '(1 - '.implode(' - ', $kept).')'];
        $count = SumTerm::field('alike', $this->words('tanks.sum.count'), Amount::number($this->tank->count), $this->working->pointer().'/count');

        return new SumOf(implode(' * ', $factors), [
            ...$this->tank->count > 1 ? [$count] : [],
            ...$terms,
            ...array_map(fn (string $share): SumTerm => $this->share($share), $kept),
        ]);
    }

    public function level(string $name): SumTerm
    {
        [$label, $mm, $key] = match ($name) {
            'height' => ['tanks.sum.height', $this->tank->heightMm, 'height_mm'],
            'outlet' => ['tanks.sum.outlet', $this->tank->outletMm(), $this->tank->outletKey()],
            'overflow' => ['tanks.sum.overflow', $this->tank->overflowMm(), $this->tank->overflowKey()],
            default => throw new \LogicException('A tank has no '.$name.'.'),
        };

        // An outlet in the floor has no height of its own to go to.
        return str_ends_with($key, '/face') ? SumTerm::constant($name, $this->words($label), Amount::mm($mm)) : $this->mm($name, $label, $mm, $key);
    }

    /** A mark for a share of the usable water: between upright walls in proportion, otherwise where that much lies below it. */
    public function mark(float $share, float $heightMm): SumOf
    {
        $note = new Phrase('tanks.figure.mark.note', ['share' => Amount::share($share)]);
        if (PlannedShape::Box !== $this->tank->shape && PlannedShape::UprightCylinder !== $this->tank->shape) {
            return SumOf::same(SumTerm::found('mark', $this->words('tanks.sum.mark'), Amount::mm($heightMm)), $note);
        }
        $of = SumTerm::constant('share', $this->words('tanks.sum.mark-share'), Amount::share($share));

        return new SumOf('outlet + share * (overflow - outlet)', [$this->level('outlet'), $of, $this->level('overflow')], $note);
    }

    /** @return array{string, list<SumTerm>} litres in one of those alike, with nothing in it */
    private function inside(string $to, ?string $from): array
    {
        $levels = [$this->level($to), ...null === $from ? [] : [$this->level($from)]];
        $depth = null === $from ? $to : '('.$to.' - '.$from.')';
        $floor = [
            $this->mm('length', 'tanks.sum.length', $this->tank->lengthMm, 'length_mm'),
            $this->mm('width', 'tanks.sum.width', $this->tank->widthMm, 'width_mm'),
        ];

        return match ($this->tank->shape) {
            PlannedShape::Box => ['length * width * '.$depth.' / 1000000', [...$floor, ...$levels]],
            PlannedShape::UprightCylinder => ['pi / 4 * length * width * '.$depth.' / 1000000', [...$floor, ...$levels]],
            PlannedShape::WheelArch => $this->overArch($to, $from, $depth, [...$floor, ...$levels]),
            default => ['inside', [$this->measured($to, $from)]],
        };
    }

    /**
     * @param list<SumTerm> $terms of the box around it
     *
     * @return array{string, list<SumTerm>}
     */
    private function overArch(string $to, ?string $from, string $depth, array $terms): array
    {
        $arch = $this->tank->arch;
        if (null === $arch) {
            return ['length * width * '.$depth.' / 1000000', $terms];
        }
        $high = 'min('.$to.', arch_height)'.(null === $from ? '' : ' - min('.$from.', arch_height)');

        return [\sprintf('(length * width * %s - arch_length * arch_width * (%s)) / 1000000', $depth, $high), [
            ...$terms,
            $this->mm('arch_length', 'tanks.sum.arch-length', $arch->lengthMm, 'arch/length_mm'),
            $this->mm('arch_width', 'tanks.sum.arch-width', $arch->widthMm, 'arch/width_mm'),
            $this->mm('arch_height', 'tanks.sum.arch-height', $arch->heightMm, 'arch/height_mm'),
        ]];
    }

    /** By its table, or as a part of an ellipse. */
    private function measured(string $to, ?string $from): SumTerm
    {
        $shape = $this->tank->inside();
        $mm = fn (string $level): float => $this->level($level)->amount->value ?? 0.0;
        $litres = $shape->litresBelow('height' === $to ? $shape->heightMm() : $mm($to)) - (null === $from ? 0.0 : $shape->litresBelow($mm($from)));
        $by = PlannedShape::Profile === $this->tank->shape ? 'table' : 'ellipse';
        $label = $this->words('tanks.sum.inside', ['shape' => $by, 'from' => $from ?? 'floor', 'to' => $to]);

        return SumTerm::found('inside', $label, Amount::litres($litres));
    }

    private function share(string $of): SumTerm
    {
        [$label, $share, $key] = 'loose' === $of
            ? ['tanks.sum.loose', $this->tank->looseFraction ?? 0.0, 'loose_fraction']
            : ['tanks.sum.baffles', $this->tank->displacedFraction, 'displaced_fraction'];

        return SumTerm::field($of, $this->words($label), Amount::share($share), $this->working->pointer().'/'.$key);
    }

    private function mm(string $symbol, string $label, float $mm, string $key): SumTerm
    {
        return SumTerm::field($symbol, $this->words($label), Amount::mm($mm), $this->working->pointer().'/'.$key);
    }

    /** @param array<string, string> $with */
    private function words(string $key, array $with = []): string
    {
        return $this->workings->wording->text($key, $with);
    }
}
