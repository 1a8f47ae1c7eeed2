<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Input\NamedChoice;

/** Where a fitting with a hole of its own goes. */
enum FittingPlace: string implements NamedChoice
{
    case Tank = 'tank';
    case WallFill = 'wall_fill';
    case DeckFill = 'deck_fill';
    case WallVent = 'wall_vent';
    case DrainEnd = 'drain_end';
    case WasteEnd = 'waste_end';
    /** In the top of a tank. */
    case Sender = 'sender';
    /** On a side that can be seen. */
    case SightTube = 'sight_tube';
    case Hatch = 'hatch';

    public function word(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
