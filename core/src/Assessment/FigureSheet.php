<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Words\FigureText;
use YardCask\Core\Words\Wording;

/** The figures of one assessment, by id, in the order in which they were worked out. */
final class FigureSheet
{
    /** @var array<string, Figure> */
    private array $figures = [];
    /** @var array<string, \Closure(): Sum> by the figure’s id */
    private array $sums = [];

    public function __construct(private readonly Wording $wording)
    {
    }

    /**
     * @param \Closure(): list<SumInput> $inputs asked for when the sum is
     * @param int $digitsMore than usual, to tell it from another figure
     */
    public function add(string $id, FigureText $text, float $value, Unit $unit, Kind $kind, \Closure $inputs, int $digitsMore = 0): Figure
    {
        if (isset($this->figures[$id])) {
            throw new \LogicException('Two figures are called '.$id.'.');
        }
        $format = $this->wording->format;
        $this->sums[$id] = fn (): Sum => new Sum(
            $this->wording->text($text->formula, $text->with),
            array_map($this->filledIn(...), $inputs()),
            $this->wording->text($text->source, $text->with),
        );

        return $this->figures[$id] = new Figure(
            $id,
            $this->wording->text($text->label, $text->with),
            $value,
            $format->figure($value, $unit, $kind, $digitsMore),
            $format->symbol($kind),
            $format->reading($value, $unit, $kind, $digitsMore),
        );
    }

    /**
     * @param \Closure(): list<SumInput> $inputs asked for when the sum is
     * @param int $digitsMore than usual, to tell it from another figure
     */
    public function litres(string $id, FigureText $text, float $litres, \Closure $inputs, int $digitsMore = 0): Figure
    {
        return $this->add($id, $text, $litres, Unit::Litre, Kind::Volume, $inputs, $digitsMore);
    }

    /** @param \Closure(): list<SumInput> $inputs asked for when the sum is */
    public function kg(string $id, FigureText $text, float $kg, \Closure $inputs): Figure
    {
        return $this->add($id, $text, $kg, Unit::Kilogram, Kind::Mass, $inputs);
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

    private function filledIn(SumInput $input): SumInput
    {
        $figure = null === $input->figure ? null : $this->get($input->figure);

        return null === $figure ? $input : SumInput::figure($figure->id, $figure->label, $figure->text);
    }

    /** @return array<string, Sum> of every figure, with what each took from the others filled in */
    public function sums(): array
    {
        return array_map(static fn (\Closure $sum): Sum => $sum(), $this->sums);
    }
}
