<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** The figures of one assessment, by id, in the order in which they were worked out. */
final class FigureSheet
{
    /** @var array<string, Figure> */
    private array $figures = [];
    /** @var array<string, \Closure(): Sum> by the figure’s id */
    private array $sums = [];

    public function __construct(private readonly Say $say)
    {
    }

    /** @param \Closure(): list<SumInput> $inputs asked for when the sum is */
    public function add(string $id, string $label, float $value, Unit $unit, Kind $kind, string $formula, \Closure $inputs, string $source): Figure
    {
        if (isset($this->figures[$id])) {
            throw new \LogicException('Two figures are called '.$id.'.');
        }
        $format = $this->say->format;
        $figure = $format->figure($value, $unit, $kind);
        $this->sums[$id] = fn (): Sum => new Sum($formula, array_map(fn (SumInput $input): SumInput => $input->filledIn($this), $inputs()), $source);

        return $this->figures[$id] = new Figure($id, $label, $value, $figure, $format->symbol($kind), $format->withSymbol($figure, $kind));
    }

    /** @param \Closure(): list<SumInput> $inputs asked for when the sum is */
    public function litres(string $id, string $label, float $litres, string $formula, \Closure $inputs, string $source): Figure
    {
        return $this->add($id, $label, $litres, Unit::Litre, Kind::Volume, $formula, $inputs, $source);
    }

    /** @param \Closure(): list<SumInput> $inputs asked for when the sum is */
    public function kg(string $id, string $label, float $kg, string $formula, \Closure $inputs, string $source): Figure
    {
        return $this->add($id, $label, $kg, Unit::Kilogram, Kind::Mass, $formula, $inputs, $source);
    }

    public function get(string $id): Figure
    {
        return $this->figures[$id] ?? throw new \LogicException('No figure is called '.$id.'.');
    }

    public function has(string $id): bool
    {
        return isset($this->figures[$id]);
    }

    /** @return array<string, Figure> */
    public function all(): array
    {
        return $this->figures;
    }

    /** @return array<string, Sum> of every figure, with what each took from the others filled in */
    public function sums(): array
    {
        return array_map(static fn (\Closure $sum): Sum => $sum(), $this->sums);
    }
}
