<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;

/** What a stage's drawing needs beyond the plan itself; each stage has its own. */
interface Drawing extends Sent
{
}
