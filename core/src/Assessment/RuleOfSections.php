<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** A rule that depends on less of the plan than its stage: what it finds is kept for the next plan that has the same of that. */
interface RuleOfSections extends Rule
{
    /** @return list<string> besides the units: see StageWorkings */
    public static function sections(): array;
}
