<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** One thing that can be wrong with a plan. */
interface Rule
{
    /** @return list<Finding> none when all is well */
    public function check(Workings $workings): array;
}
