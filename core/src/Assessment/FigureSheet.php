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

    public function __construct(private readonly Say $say)
    {
    }

    /** @param list<SumInput> $inputs */
    public function add(string $id, string $label, float $value, Unit $unit, Kind $kind, string $formula, array $inputs, string $source): Figure
    {
        if (isset($this->figures[$id])) {
            throw new \LogicException('Two figures are called '.$id.'.');
        }
        $format = $this->say->format;
        $figure = $format->figure($value, $unit, $kind);

        return $this->figures[$id] = new Figure($id, $label, $value, $figure, $format->symbol($kind), $format->withSymbol($figure, $kind), new Sum($formula, $inputs, $source));
    }

    /** @param list<SumInput> $inputs */
    public function litres(string $id, string $label, float $litres, string $formula, array $inputs, string $source): Figure
    {
        return $this->add($id, $label, $litres, Unit::Litre, Kind::Volume, $formula, $inputs, $source);
    }

    /** @param list<SumInput> $inputs */
    public function kg(string $id, string $label, float $kg, string $formula, array $inputs, string $source): Figure
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

    /** @return array<string, Figure> with what each took from the others filled in */
    public function all(): array
    {
        return array_map(fn (Figure $figure): Figure => new Figure(
            $figure->id,
            $figure->label,
            $figure->value,
            $figure->figure,
            $figure->symbol,
            $figure->text,
            new Sum($figure->sum->formula, array_map(fn (SumInput $input): SumInput => $input->filledIn($this), $figure->sum->inputs), $figure->sum->source),
        ), $this->figures);
    }
}
