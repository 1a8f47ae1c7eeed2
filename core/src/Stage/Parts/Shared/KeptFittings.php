<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shared;

use YardCask\Core\Assessment\KeptWorkings;
use YardCask\Core\Assessment\Workings;

/**
 * Fittings with their weights, kept for the next plan with the same sections.
 *
 * @phpstan-import-type FittingValues from WeighedFittings
 */
abstract readonly class KeptFittings implements KeptWorkings
{
    final private function __construct(
        public WeighedFittings $weighed,
        private bool $isRecalled,
    ) {
    }

    abstract protected static function found(Workings $workings): WeighedFittings;

    final public static function over(Workings $workings): static
    {
        /** @var FittingValues|null $kept */
        $kept = $workings->recalled(static::class, static::sections());

        return new static(null === $kept ? static::found($workings) : WeighedFittings::ofValues($kept), null !== $kept);
    }

    final public function toKeep(): ?array
    {
        return $this->isRecalled ? null : $this->weighed->values();
    }
}
