<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/** What a thread is cut in: a metal one splits a plastic one. */
enum Material: string
{
    case Metal = 'metal';
    case Plastic = 'plastic';
}
