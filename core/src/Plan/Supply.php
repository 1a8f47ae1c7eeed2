<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

/** Drinking water is often kept apart from the rest. */
enum Supply: string
{
    case Main = 'main';
    case Drinking = 'drinking';
}
