<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/** The greatest common fraction to which all tanks can be filled within every limit. */
final readonly class MaxFill
{
    private function __construct(
        public float $fraction,
        public float $litres,
        public LimitName $limitedBy,
    ) {
    }

    /** @param list<FillLimit> $limits in the order in which they are named when two are reached together */
    public static function within(array $limits, float $litres): self
    {
        $fraction = 1.0;
        $limitedBy = LimitName::None;
        foreach ($limits as $limit) {
            if ($limit->greatestFraction() < $fraction) {
                $fraction = $limit->greatestFraction();
                $limitedBy = $limit->name;
            }
        }

        return new self($fraction, $fraction * $litres, $limitedBy);
    }

    /** @return array<string, mixed> */
    public function keys(): array
    {
        return ['max_fill_fraction' => $this->fraction, 'max_fill_l' => $this->litres, 'limited_by' => $this->limitedBy];
    }
}
