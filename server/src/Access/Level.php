<?php

declare(strict_types=1);

namespace YardCask\Server\Access;

/** What somebody may do, each level everything that the ones before it may; config/packages/security.yaml says what each route needs. */
enum Level: string
{
    case Nobody = 'nobody';
    /** Look at the one plan of a link. */
    case Read = 'read';
    /** Add notes to it as well. */
    case Note = 'note';
    /** Everything about plans. */
    case Plan = 'plan';
    /** Who else gets in. */
    case Keep = 'keep';

    /** As the framework calls it. */
    public function role(): string
    {
        return 'ROLE_'.strtoupper($this->value);
    }
}
