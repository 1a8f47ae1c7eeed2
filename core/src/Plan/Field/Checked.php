<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

use YardCask\Core\Input\InputReader;

/** A part whose fields can contradict each other. */
interface Checked
{
    /** Reports what contradicts itself; called when each field alone is well. */
    public function check(InputReader $in): void;
}
