<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/**
 * A rule about what joins what, and what has to be bought for it: a fix of another stage is not held back by it, and does not count as its
 * cure. What a new part needs to be joined is settled once it is in the plan.
 */
interface RuleOfJoining extends Rule
{
}
