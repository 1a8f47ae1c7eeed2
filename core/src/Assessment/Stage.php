<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** The stages of the work that exist so far, in their order. */
enum Stage: string
{
    case Use = 'use';
    case Load = 'load';
    case Tanks = 'tanks';
}
