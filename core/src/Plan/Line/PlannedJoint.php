<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\WrittenAsDeclared;

/** The joint between one end of a pipe and the port that it leads to. */
final readonly class PlannedJoint implements PlanPart
{
    use WrittenAsDeclared;

    public const MOST_ADAPTERS = 4;

    /** @param list<PlannedAdapter> $adapters from the pipe to the port */
    public function __construct(
        #[Parts(PlannedAdapter::class, self::MOST_ADAPTERS)]
        public array $adapters,
        /** Of a hose on a barb; null where it is held like the others of the plan. */
        #[Choice('Held by', [JoiningMethod::Clamp, JoiningMethod::Crimp])]
        public ?JoiningMethod $method = null,
    ) {
    }

    /** The loss of its adapters in velocity heads of a pipe of a bore: an adapter that is narrower costs more, by the square of the areas. */
    public function kSum(float $boreMm): float
    {
        return array_sum(array_map(static fn (PlannedAdapter $one): float => $one->lossK * ($boreMm / $one->boreMm) ** 4, $this->adapters));
    }
}
