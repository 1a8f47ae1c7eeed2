<?php

declare(strict_types=1);

namespace YardCask\Core\Quantity;

/** The way from one unit to another that measures the same, or something that can stand for it. Each is worked out once. */
final class Conversion
{
    private const MINUTES_PER_DAY = 1440.0;

    /** @var array<string, array<string, self>> */
    private static array $known = [];

    private function __construct(
        private readonly float $fromFactor,
        private readonly float $fromOffset,
        private readonly float $toFactor,
        private readonly float $toOffset,
    ) {
    }

    /** @throws \LogicException when the two units measure different things */
    public static function between(Unit $from, Unit $to): self
    {
        return self::$known[$from->name][$to->name] ??= self::workedOut($from, $to);
    }

    public function of(float $value): float
    {
        return ($value - $this->fromOffset) * $this->fromFactor / $this->toFactor + $this->toOffset;
    }

    private static function workedOut(Unit $from, Unit $to): self
    {
        if (!$to->kind()->takes($from->kind()) && !$from->kind()->takes($to->kind())) {
            throw new \LogicException(\sprintf('%s cannot be given in %s.', $from->value, $to->value));
        }
        // Days and hours are of two kinds with a base unit each.
        $ofTime = $from->kind() !== $to->kind();
        $factor = static fn (Unit $unit): float => $unit->factor() * ($ofTime && Kind::Days === $unit->kind() ? self::MINUTES_PER_DAY : 1.0);

        return new self($factor($from), $from->offset(), $factor($to), $to->offset());
    }
}
