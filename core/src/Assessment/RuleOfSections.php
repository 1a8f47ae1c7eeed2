<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** A rule that depends on fewer sections of the plan than its stage. What it finds is kept for the next plan in which those sections are the same. */
interface RuleOfSections extends Rule
{
    /** @return list<string> besides the units: see StageWorkings */
    public static function sections(): array;
}
