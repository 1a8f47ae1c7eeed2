<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shared;

use YardCask\Core\Assessment\KeptWorkings;
use YardCask\Core\Assessment\KeyedWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Parts\Shopping\Basket;
use YardCask\Core\Stage\Parts\Shopping\PipeItems;

/**
 * What rides along beside tanks, parts, pipes and adapters, and where: clamps and rings, clips, insulation, wires, the fittings and
 * hoses of tanks, and what holds these.
 *
 * @phpstan-import-type KeptFittings from WeighedFittings
 */
final readonly class FittingWeights implements KeptWorkings, KeyedWorkings
{
    private function __construct(
        public WeighedFittings $weighed,
        private bool $isRecalled,
    ) {
    }

    public static function over(Workings $workings): static
    {
        /** @var KeptFittings|null $kept */
        $kept = $workings->recalled(self::class, self::sections());

        return new self(null === $kept ? self::found($workings) : WeighedFittings::ofValues($kept), null !== $kept);
    }

    private static function found(Workings $workings): WeighedFittings
    {
        $along = new Basket();
        PipeItems::addTo($along, $workings);

        return $workings->of(JointFittings::class)->weighed->and(WeighedFittings::in($along, $workings->plan->load->rig));
    }

    public static function sections(): array
    {
        return ['line', 'tanks', 'runs', 'rig'];
    }

    public function toKeep(): ?array
    {
        return $this->isRecalled ? null : $this->weighed->values();
    }

    public function key(): string
    {
        return serialize($this->weighed->values());
    }

    public function kg(): float
    {
        return array_sum($this->weighed->kg);
    }
}
