<?php

declare(strict_types=1);

namespace YardCask\Core\Input;

/** A choice that reads as a word on its button. */
interface NamedChoice
{
    public function word(): string;
}
