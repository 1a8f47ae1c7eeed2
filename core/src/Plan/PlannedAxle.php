<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Payload\Axle;

/** An axle of a vehicle: its limit and what stands on it before anything is loaded. */
final readonly class PlannedAxle implements \JsonSerializable
{
    public function __construct(
        public float $limitKg,
        public Weighing $weighing,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $axle = new self(PlanFields::number($in, 'limit_kg'), Weighing::read($in));
        $in->finish();

        return $axle;
    }

    public function axle(): Axle
    {
        return new Axle($this->weighing->kg(), $this->limitKg);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['limit_kg' => $this->limitKg] + $this->weighing->keys();
    }
}
