<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

/** How a plan file says what it is. */
final class PlanFormat
{
    public const NAME = 'yard-cask-plan';
    /** Raised with every change that an older plan has to be migrated for. */
    public const VERSION = 11;
}
