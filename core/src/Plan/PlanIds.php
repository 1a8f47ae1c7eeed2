<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;

/** Reads the short ids of a plan's parts and sees that none is used twice. */
final class PlanIds
{
    /** @var array<string, string> id => pointer of its first use */
    private array $seen = [];

    public function read(InputReader $in): string
    {
        $id = $in->text('id', 32);
        if ('' !== $id && 1 !== preg_match('/^[a-z][a-z0-9-]*$/D', $id)) {
            $in->fail('id', 'An id is a small letter followed by small letters, digits and hyphens, for example “tank-1”.');
        } elseif (isset($this->seen[$id])) {
            $in->fail('id', \sprintf('The id “%s” is used twice; it stands first at %s.', $id, $this->seen[$id]));
        } elseif ('' !== $id) {
            $this->seen[$id] = $in->pointer;
        }

        return $id;
    }
}
