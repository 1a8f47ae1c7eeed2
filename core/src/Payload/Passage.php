<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/** The answer of the passage calculator. */
final readonly class Passage implements \JsonSerializable
{
    /**
     * @param list<PassageLimit> $limits in the order of checking
     * @param array<array-key, ?float> $wasteFullAtL by the waste tank's name
     */
    public function __construct(
        /** All that can be drawn at the start. */
        public float $usedL,
        public array $limits,
        /** Right less left wheels, in kg; null for a trailer. */
        public ?Extremes $sideDifferenceKg,
        /** Of the whole on the front axle, or on a trailer's nose. */
        public Extremes $share,
        public array $wasteFullAtL,
    ) {
    }

    public function limit(LimitName $name): PassageLimit
    {
        foreach ($this->limits as $limit) {
            if ($name === $limit->name) {
                return $limit;
            }
        }
        throw new \LogicException('There is no limit of the '.$name->value.' here.');
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $limits = [];
        foreach ($this->limits as $limit) {
            $limits[$limit->name->value] = $limit;
        }
        $road = null === $this->sideDifferenceKg ? [] : ['side_difference_kg' => $this->sideDifferenceKg];

        return ['used_l' => $this->usedL, 'limits' => $limits] + $road + [
            [] === $road ? 'nose_share' : 'front_share' => $this->share,
            'waste_full_at_l' => (object) $this->wasteFullAtL,
        ];
    }
}
