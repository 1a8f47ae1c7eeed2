<?php

declare(strict_types=1);

namespace YardCask\Core\Quantity;

/** Puts what people type into the plain form that the parser reads: small letters, plain signs, numbers for number words. */
final class PlainText
{
    private const GLYPHS = [
        "\u{00A0}" => ' ', "\u{2009}" => ' ', "\u{202F}" => ' ', "\t" => ' ', '−' => '-', '–' => '-', '″' => '"', '”' => '"',
        '“' => '"', '′' => "'", '’' => "'", "''" => '"',
        '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8',
        '⅓' => ' 1/3', '⅔' => ' 2/3', '⁄' => '/', '×' => 'x', '*' => 'x', 'º' => '°',
    ];
    private const WORDS = [
        'a' => '1',
        'an' => '1',
        'one' => '1',
        'two' => '2',
        'three' => '3',
        'four' => '4',
        'five' => '5',
        'six' => '6',
        'seven' => '7',
        'eight' => '8',
        'nine' => '9',
        'ten' => '10',
        'twelve' => '12',
    ];

    /** What is read as something else, in this order; the words above come between the first and the last of these. */
    private const PHRASES = [
        '/\s+/' => ' ',
        '/^(?:about|approx\.?|ca\.?|circa|~) ?/' => '',
        '/[,;]+$/' => '',
        // A point with which somebody is about to type decimals.
        '/(?<=\d)\.$/' => '',
        // 6'-2" is six feet and two inches, not less two.
        "/('|ft|foot|feet) ?- ?(?=\\d)/" => '$1 ',
        '/\b([cd]?)m3\b/' => '$1m³',
        '/(?<=\/)(cm|in)2\b/' => '$1²',
        '/^three quarters?\b/' => '3/4',
        '/^(?:an? )?quarter\b/' => '1/4',
        '/^(?:an? )?half\b/' => '1/2',
    ];

    public static function of(string $typed): string
    {
        $text = trim(mb_strtolower(strtr($typed, self::GLYPHS)));
        $text = (string) preg_replace(array_keys(self::PHRASES), array_values(self::PHRASES), $text);
        $text = (string) preg_replace_callback('/^('.implode('|', array_keys(self::WORDS)).')\b/', static fn (array $m): string => self::WORDS[$m[1]], $text);

        return trim((string) preg_replace(['/^(\d+) and an? half\b/', '/^(\d+) and an? quarter\b/'], ['$1 1/2', '$1 1/4'], $text));
    }
}
