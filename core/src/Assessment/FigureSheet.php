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
    /** @var array<string, PrintedSum> by the figure’s id */
    private array $sums = [];

    public function __construct(
        private readonly Wording $wording,
        /** Whether it includes the slow figures, which are sent later for the stage that is open. */
        public readonly bool $isWhole = true,
    ) {
    }

    /**
     * @param \Closure(): SumOf $sum asked for when the sums are
     * @param int $digitsMore than usual, to tell it from another figure
     * @param ?float $read how much is read out, where that is not the value rounded
     */
    public function add(string $id, FigureText $text, float $value, Unit $unit, Kind $kind, \Closure $sum, int $digitsMore = 0, ?float $read = null): Figure
    {
        if (isset($this->figures[$id])) {
            throw new \LogicException('Two figures are called '.$id.'.');
        }
        $format = $this->wording->format;
        $printed = $format->figure($read ?? $value, $unit, $kind, $digitsMore);
        $figure = new Figure(
            $id,
            $this->wording->text($text->label, $text->with),
            $value,
            $printed,
            $format->symbol($kind),
            $format->readingOf($printed, $read ?? $value, $unit, $kind, $digitsMore),
        );
        $this->sums[$id] = new PrintedSum($figure, $unit, $kind, $digitsMore, $text, $sum, read: $read);

        return $this->figures[$id] = $figure;
    }

    /** @param list<Figure> $figures whose sums nobody will ask for */
    public function put(array $figures): void
    {
        $this->figures += array_column($figures, null, 'id');
    }

    /**
     * @param \Closure(): SumOf $sum asked for when the sums are
     * @param int $digitsMore than usual, to tell it from another figure
     */
    public function litres(string $id, FigureText $text, float $litres, \Closure $sum, int $digitsMore = 0): Figure
    {
        return $this->add($id, $text, $litres, Unit::Litre, Kind::Volume, $sum, $digitsMore);
    }

    /**
     * What must not be exceeded: it reads rounded down.
     *
     * @param \Closure(): SumOf $sum asked for when the sums are
     */
    public function litresAtMost(string $id, FigureText $text, float $litres, \Closure $sum): Figure
    {
        return $this->add($id, $text, $litres, Unit::Litre, Kind::Volume, $sum, read: $this->wording->format->roundedDown($litres, Unit::Litre, Kind::Volume));
    }

    /** @param \Closure(): SumOf $sum asked for when the sums are */
    public function kg(string $id, FigureText $text, float $kg, \Closure $sum): Figure
    {
        return $this->add($id, $text, $kg, Unit::Kilogram, Kind::Mass, $sum);
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
        return array_map(fn (PrintedSum $sum): Sum => $sum->of($this->sums, $this->wording), $this->sums);
    }
}
