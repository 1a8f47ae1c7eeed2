<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

enum Sex: string
{
    case Male = 'male';
    case Female = 'female';

    public function word(): string
    {
        return $this->value;
    }
}
