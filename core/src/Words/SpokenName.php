<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

/** A part's name in a sentence: “the galley mixer” for a usual one, and “Big Blue” as it is for one of the user's own. */
final class SpokenName
{
    /** The last words of names that are said with an article. */
    private const COMMON = [
        'accumulator', 'basin', 'cap', 'check', 'connect', 'drain', 'end', 'exchanger', 'filter', 'heater', 'hose', 'inlet', 'kettle', 'manifold', 'meter',
        'mixer', 'point', 'pump', 'regulator', 'shower', 'sink', 'strainer', 'tap', 'tee', 'valve', 'vent', 'vessel', 'washer',
    ];

    public static function of(string $name): string
    {
        $words = explode(' ', $name);
        if (!\in_array(mb_strtolower($words[\count($words) - 1]), self::COMMON, true)) {
            return $name;
        }
        // An abbreviation keeps its capitals: “the UV filter”.
        $isAbbreviation = 1 === preg_match('/^\p{Lu}\P{Ll}/u', $words[0]);

        return 'the '.($isAbbreviation ? $name : mb_strtolower(mb_substr($name, 0, 1)).mb_substr($name, 1));
    }
}
