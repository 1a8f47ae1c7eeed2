<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/** What a loaded rig weighs with its tanks full, and how far they may be filled. */
interface Payload extends \JsonSerializable
{
    /** @return non-empty-list<FillLimit> every limit, in the order of checking */
    public function limits(): array;

    public function maxFill(): MaxFill;
}
