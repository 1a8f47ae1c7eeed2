<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Workings;

/** One thing that can be wrong with a plan. */
interface Rule
{
    /** @return list<Finding> none when all is well */
    public function check(Workings $workings): array;
}
