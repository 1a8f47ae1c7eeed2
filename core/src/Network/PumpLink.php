<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A pump by its curve, straight between its points and going on as it ends; off it is shut, or lets forward what is rated for that. */
final readonly class PumpLink implements LineLink
{
    private const MOST_POINTS = 200;

    /** @param non-empty-list<array{float, float}> $curve L/min and kPa, from 0 L/min, falling */
    public function __construct(
        private LinkEnds $ends,
        private array $curve,
        private bool $on,
        private ?LossLink $off,
    ) {
    }

    public static function read(LinkEnds $ends, InputReader $in): self
    {
        $on = $in->boolean('on', true);
        $lpm = $in->optionalNumber('off_rated_lpm', Range::positive());
        $kpa = $in->optionalNumber('off_rated_kpa', Range::positive());
        if ((null === $lpm) !== (null === $kpa)) {
            $in->fail(null === $lpm ? 'off_rated_lpm' : 'off_rated_kpa', 'What passes when it is off is said by both, off_rated_lpm and off_rated_kpa.');
        }
        $curve = $in->pairs('curve', self::MOST_POINTS);
        self::check($curve, $in);
        $in->finish();

        return new self($ends, [] === $curve ? [[0.0, 0.0]] : $curve, $on, null === $lpm || null === $kpa ? null : new LossLink($ends, $lpm, $kpa, 2.0, true));
    }

    /** @param list<array{float, float}> $curve */
    private static function check(array $curve, InputReader $in): void
    {
        if (\count($curve) < 2) {
            $in->fail('curve', 'A curve has at least two points, each a flow in L/min and a pressure in kPa, for example [[0, 310], [11, 0]].');
        } elseif (0.0 !== $curve[0][0]) {
            $in->fail('curve/0', \sprintf('The curve begins at %s L/min; it has to begin at 0.', $curve[0][0]));
        }
        foreach (\array_slice($curve, 1, null, true) as $index => [$lpm, $kpa]) {
            if ($lpm <= $curve[$index - 1][0]) {
                $in->fail('curve/'.$index, \sprintf('Flows rise along the curve: %s L/min does not follow %s.', $lpm, $curve[$index - 1][0]));
            } elseif ($kpa >= $curve[$index - 1][1]) {
                $in->fail('curve/'.$index, \sprintf('Pressure falls along the curve: %s kPa does not lie below %s.', $kpa, $curve[$index - 1][1]));
            }
        }
    }

    public function ends(): LinkEnds
    {
        return $this->ends;
    }

    public function loss(float $lpm): array
    {
        if (!$this->on) {
            return $this->off?->loss($lpm) ?? [0.0, 0.0];
        }
        $last = \count($this->curve) - 1;
        $index = 1;
        while ($index < $last && $lpm > $this->curve[$index][0]) {
            ++$index;
        }
        [$before, $after] = [$this->curve[$index - 1], $this->curve[$index]];
        $slope = ($before[1] - $after[1]) / ($after[0] - $before[0]);

        return [-$before[1] + $slope * ($lpm - $before[0]), $slope];
    }

    public function figures(): array
    {
        return [$this->curve, $this->on, $this->off?->figures()];
    }

    public function isForwardOnly(): bool
    {
        return true;
    }

    public function isShut(): bool
    {
        return !$this->on && null === $this->off;
    }

    public function standing(float $kpa, float $endKpa): float
    {
        return $this->on ? $kpa + $this->curve[0][1] : $kpa;
    }
}
