<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;

/** What contradicts itself in a tank: its heights, its counts, its arch and its table. */
final readonly class TankCheck
{
    /** Of a tank's inside, so much at most goes to baffles and loose filling. */
    private const MOST_BAFFLED = 0.9;
    /** An arch that takes more of the floor than this leaves none. */
    private const MOST_FLOOR = 0.98;
    /** A table may hold so much more than the outside has room for: tapes differ. */
    private const MOST_HELD = 1.02;
    private const NOTHING_MM = 0.5;

    public function __construct(
        private PlannedTank $tank,
        private InputReader $in,
    ) {
    }

    public function all(): void
    {
        $tank = $this->tank;
        if ($tank->overflowMm() > $tank->heightMm) {
            $this->in->fail($tank->overflowKey(), \sprintf('The overflow (%s mm) is above the lid (%s mm).', $tank->overflowMm(), $tank->heightMm));
        }
        if ($tank->outletHeightMm >= $tank->overflowMm()) {
            $this->in->fail('outlet_height_mm', \sprintf('The outlet (%s mm) must be below the overflow (%s mm).', $tank->outletHeightMm, $tank->overflowMm()));
        }
        foreach (['count' => $tank->count, 'baffle_cells' => $tank->baffleCells, 'straps' => $tank->straps] as $key => $number) {
            if (null !== $number && floor($number) !== $number) {
                $this->in->fail($key, \sprintf('%s is not a whole number.', $number));
            }
        }
        if ($tank->baffledFraction() > self::MOST_BAFFLED) {
            $this->in->fail('loose_fraction', 'Baffles and loose filling together leave hardly any room for water.');
        }
        if (PlannedShape::WheelArch === $tank->shape) {
            $this->arch($tank->arch);
        } elseif (PlannedShape::Profile === $tank->shape) {
            $this->levels();
        }
    }

    private function arch(?PlannedArch $arch): void
    {
        if (null === $arch) {
            $this->in->fail('arch', 'A tank over a wheel arch needs the place and the sizes of the arch.');

            return;
        }
        $tank = $this->tank;
        foreach ([
            'length_mm' => [$arch->xMm + $arch->lengthMm, $tank->lengthMm, 'long'],
            'width_mm' => [$arch->yMm + $arch->widthMm, $tank->widthMm, 'wide'],
        ] as $key => [$endMm, $mm, $word]) {
            if ($endMm > $mm + self::NOTHING_MM) {
                $this->in->fail('arch/'.$key, \sprintf('The arch ends %s mm from its corner, and the tank is %s mm %s.', $endMm, $mm, $word));
            }
        }
        if ($arch->heightMm >= $tank->heightMm) {
            $this->in->fail('arch/height_mm', \sprintf('The arch (%s mm) must be lower than the tank (%s mm).', $arch->heightMm, $tank->heightMm));
        } elseif ($arch->lengthMm * $arch->widthMm >= self::MOST_FLOOR * $tank->lengthMm * $tank->widthMm) {
            $this->in->fail('arch/width_mm', 'The arch takes the whole floor of the tank: measure the tank from the top of the arch instead.');
        }
    }

    private function levels(): void
    {
        $tank = $this->tank;
        if ([] === $tank->levels) {
            $this->in->fail('levels', 'A tank by a measured table needs at least one height with its litres.');

            return;
        }
        [$belowMm, $belowL] = [0.0, 0.0];
        foreach ($tank->levels as $index => $level) {
            if ($level->heightMm <= $belowMm) {
                $this->in->fail(
                    'levels/'.$index.'/height_mm',
                    \sprintf('Heights rise from line to line: %s mm is not above %s mm.', $level->heightMm, $belowMm),
                );
            } elseif ($level->litres <= $belowL) {
                $this->in->fail(
                    'levels/'.$index.'/litres',
                    \sprintf(
                        'A higher level holds more: %s L at %s mm is no more than the %s L below it.',
                        $level->litres,
                        $level->heightMm,
                        $belowL,
                    ),
                );
            } elseif ($level->litres > self::MOST_HELD * $tank->lengthMm * $tank->widthMm * $level->heightMm / 1e6) {
                $this->in->fail(
                    'levels/'.$index.'/litres',
                    \sprintf('%s L do not go into %s × %s mm up to %s mm.', $level->litres, $tank->lengthMm, $tank->widthMm, $level->heightMm),
                );
            }
            [$belowMm, $belowL] = [$level->heightMm, $level->litres];
        }
        if ($belowMm > $tank->heightMm) {
            $this->in->fail('height_mm', \sprintf('The table goes up to %s mm, and the tank is only %s mm high.', $belowMm, $tank->heightMm));
        } elseif ($tank->overflowMm() > $belowMm) {
            $this->in->fail($tank->overflowKey(), \sprintf('The overflow (%s mm) is above the end of the table (%s mm).', $tank->overflowMm(), $belowMm));
        }
    }
}
