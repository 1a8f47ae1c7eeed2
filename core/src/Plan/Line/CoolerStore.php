<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Input\NamedChoice;

/** What keeps a store wholesome that is not kept at 60 °C. */
enum CoolerStore: string implements NamedChoice
{
    case HeatedThrough = 'heated_through';
    case Emptied = 'emptied';

    public function word(): string
    {
        return match ($this) {
            self::HeatedThrough => 'heated right through every week',
            self::Emptied => 'emptied every day',
        };
    }
}
