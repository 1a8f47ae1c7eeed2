<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** A name that nothing beside it has yet. */
final class FreeName
{
    /**
     * The name itself, or followed by 2, 3 … and cut short so that it stays within what is allowed.
     *
     * @param list<string> $taken
     */
    public static function of(string $wanted, array $taken, int $longest = Text::LONGEST_NAME): string
    {
        $name = $wanted;
        for ($number = 2; \in_array($name, $taken, true); ++$number) {
            $name = mb_substr($wanted, 0, $longest - 4).' '.$number;
        }

        return $name;
    }
}
