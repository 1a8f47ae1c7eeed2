<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** Workings with a result that others depend on: while the key stays the same, those others are not worked out again. */
interface KeyedWorkings extends StageWorkings
{
    /** Two plans with the same result have the same key. */
    public function key(): string;
}
