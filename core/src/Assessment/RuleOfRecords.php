<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** A rule that goes by what was recorded of the plan in use: what it finds is not kept for the next plan that is the same. */
interface RuleOfRecords extends Rule
{
}
