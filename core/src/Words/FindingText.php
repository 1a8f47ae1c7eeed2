<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

/** The title of a finding and its reason. */
interface FindingText
{
    public function title(Wording $wording): string;

    /** The title in the middle of a sentence. */
    public function loweredTitle(Wording $wording): string;

    public function why(Wording $wording): string;
}
