<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** Workings that take so long that they are kept for the next plan with the same sections. */
interface KeptWorkings extends StageWorkings
{
    /** @return array<array-key, mixed>|null what over() is to find again, as scalars and arrays of them; null where it found all of it already */
    public function toKeep(): ?array;
}
