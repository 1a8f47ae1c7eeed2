<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Use;

use YardCask\Core\Input\NamedChoice;
use YardCask\Core\Plan\Tanks\WaterKind;

/** Which water a use draws: drinking water is often kept apart from the rest. */
enum Supply: string implements NamedChoice
{
    case Main = 'main';
    case Drinking = 'drinking';

    public function word(): string
    {
        return $this->value;
    }

    /** The tanks that it is drawn from. */
    public function tanks(): WaterKind
    {
        return self::Drinking === $this ? WaterKind::Drinking : WaterKind::Fresh;
    }
}
