<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** Workings on which others depend only by what they come to: while that stays the same, the others are not worked out again. */
interface KeyedWorkings extends StageWorkings
{
    /** The same for two plans when they come to the same. */
    public function key(): string;
}
