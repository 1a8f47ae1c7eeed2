<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** What one stage works out over a plan, each result on its first use; the other stages ask here for what they need of it. */
interface StageWorkings
{
    public static function over(Workings $workings): static;

    /** @return list<string> the sections of the plan that its results depend on: use, load or of that only the rig, tanks; or classes of KeyedWorkings */
    public static function sections(): array;
}
