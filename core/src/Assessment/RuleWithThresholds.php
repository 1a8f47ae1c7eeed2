<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Words\Amount;

/** A rule with thresholds that the list of findings names. */
interface RuleWithThresholds extends Rule
{
    /** @return array<string, Amount> by their names in the patterns of the meanings, unlike those of any other rule of the stage */
    public static function thresholds(): array;
}
