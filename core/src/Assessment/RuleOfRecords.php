<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** A rule that depends on what was recorded of the plan in use: its findings are looked for each time, and never kept. */
interface RuleOfRecords extends Rule
{
}
