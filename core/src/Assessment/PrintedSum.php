<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Arithmetic\Expression;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;
use YardCask\Core\Words\Wording;

/** A figure and its sum in print, with enough digits that anybody who works the sum out gets the printed figure. */
final readonly class PrintedSum
{
    private const MOST_DIGITS_MORE = 8;

    /** @param \Closure(): SumOf $sum */
    public function __construct(
        private Figure $figure,
        private Unit $unit,
        private Kind $kind,
        private int $digitsMore,
        private FigureText $text,
        private \Closure $sum,
        /** How much is read out, where that is not the value rounded. */
        private ?float $read = null,
    ) {
    }

    /** @param array<string, self> $all of every figure, by its id */
    public function of(array $all, Wording $wording): Sum
    {
        $of = ($this->sum)();
        $expression = Expression::of($of->expression);
        $amounts = $labels = [];
        foreach ($of->terms as $term) {
            $other = null === $term->figure ? null : $all[$term->figure] ?? throw new \LogicException('No figure is called '.$term->figure.'.');
            $amounts[$term->symbol] = $term->amount ?? $other?->amount() ?? throw new \LogicException('A term is a figure or an amount.');
            $labels[$term->symbol] = '' === $term->label && null !== $other ? $other->figure->label : $term->label;
        }
        $digits = $this->digits($expression, $amounts, $wording);
        $inputs = array_map(static fn (SumTerm $term): SumInput => new SumInput(
            symbol: $term->symbol,
            label: $labels[$term->symbol],
            value: $amounts[$term->symbol]->value,
            unit: self::unitName($amounts[$term->symbol]->unit),
            text: self::text($amounts[$term->symbol], $digits, $wording),
            figure: $term->figure,
            pointer: $term->pointer,
            assumed: $term->isAssumed,
            found: $term->isFound,
        ), $of->terms);

        return new Sum(
            expression: $of->expression,
            formula: $expression->written($labels),
            inputs: $inputs,
            source: $wording->text($this->text->source, $this->text->with),
            note: null === $of->note ? null : $wording->phrase($of->note),
            units: $this->unitsApart($amounts, $wording),
        );
    }

    /** Without trailing zeros. */
    private static function text(Amount $amount, int $digits, Wording $wording): string
    {
        $text = $wording->format->reading($amount->value, $amount->unit, $amount->kind, $digits);

        return (string) preg_replace(['~(\.\d*?)0+(?!\d)~', '~\.(?!\d)~'], ['$1', ''], $text);
    }

    private function amount(): Amount
    {
        return Amount::of($this->figure->value, $this->unit, $this->kind);
    }

    /**
     * How many digits more than usual the terms are printed with.
     *
     * @param array<string, Amount> $amounts
     */
    private function digits(Expression $expression, array $amounts, Wording $wording): int
    {
        $format = $wording->format;
        $figure = $format->printed($this->read ?? $this->figure->value, $this->unit, $this->kind, $this->digitsMore) ?? 0.0;
        $step = $format->lastDigit($this->figure->value, $this->unit, $this->kind, $this->digitsMore);
        for ($digits = 0; $digits < self::MOST_DIGITS_MORE; ++$digits) {
            $printed = array_map(static fn (Amount $one): ?float => $format->printed($one->value, $one->unit, $one->kind, $digits), $amounts);
            $known = array_filter($printed, is_float(...));
            if (\count($known) < \count($printed)) {
                continue;
            }
            $out = $format->inPlanUnit($expression->evaluate($known), $this->unit, $this->kind) - $format->inPlanUnit($figure, $this->unit, $this->kind);
            if (abs($out) <= $step * (1 + 1e-9)) {
                return $digits;
            }
        }

        return self::MOST_DIGITS_MORE;
    }

    /**
     * The units in which it is worked out, where the plan is written in others.
     *
     * @param array<string, Amount> $amounts
     */
    private function unitsApart(array $amounts, Wording $wording): ?string
    {
        $own = $apart = [];
        foreach ([...array_values($amounts), $this->amount()] as $amount) {
            $name = self::unitName($amount->unit);
            $own[] = $name;
            if ('' !== $name && !$wording->format->isPlanUnit($amount->unit, $amount->kind)) {
                $apart[] = $name;
            }
        }

        $units = array_values(array_unique(array_filter($own, static fn (string $one): bool => '' !== $one)));

        return [] === $apart ? null : $wording->text('frame.sum.units', ['units' => $units]);
    }

    private static function unitName(Unit $unit): string
    {
        return Unit::One === $unit ? '' : $unit->value;
    }
}
