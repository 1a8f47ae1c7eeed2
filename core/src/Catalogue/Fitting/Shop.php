<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Input\NamedChoice;

/** The kinds of shop that have what a plan needs, in the order of the list. */
enum Shop: string implements NamedChoice
{
    case Camper = 'camper';
    case Plumbing = 'plumbing';
    case Electrical = 'electrical';
    case Hardware = 'hardware';

    public function word(): string
    {
        return match ($this) {
            self::Camper => 'camper and boat shop',
            self::Plumbing => 'plumbing merchant',
            self::Electrical => 'electrical shop',
            self::Hardware => 'hardware shop',
        };
    }
}
