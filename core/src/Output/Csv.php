<?php

declare(strict_types=1);

namespace YardCask\Core\Output;

/** Tables as text (RFC 4180), of which no spreadsheet makes a formula. */
final class Csv
{
    private const FORMULA = '[=+\-@\t\r]';

    /** @param list<list<string|float|int>> $rows */
    public static function write(array $rows): string
    {
        $lines = array_map(static fn (array $row): string => implode(',', array_map(self::quoted(...), $row)), $rows);

        return implode("\r\n", $lines)."\r\n";
    }

    /** @return list<list<string>> the cells of every row that is not empty; a cell in quotation marks may hold several lines */
    public static function rows(string $text): array
    {
        $file = new \SplTempFileObject();
        $file->fwrite($text);
        $file->setFlags(\SplFileObject::READ_CSV | \SplFileObject::READ_AHEAD | \SplFileObject::SKIP_EMPTY);
        $file->setCsvControl(',', '"', '');
        $rows = [];
        foreach ($file as $row) {
            $rows[] = \is_array($row) ? array_map(static fn (mixed $cell): string => \is_string($cell) ? $cell : '', array_values($row)) : [];
        }

        return $rows;
    }

    /** Spreadsheets take what begins like this for a formula: an apostrophe before it says that it is text. */
    public static function asText(string $cell): string
    {
        return 1 === preg_match("/^'*".self::FORMULA.'/', $cell) ? "'".$cell : $cell;
    }

    /** Without the apostrophe that says that it is text. */
    public static function unmarked(string $cell): string
    {
        return 1 === preg_match("/^'+".self::FORMULA.'/', $cell) ? substr($cell, 1) : $cell;
    }

    private static function quoted(string|float|int $cell): string
    {
        $cell = (string) $cell;

        return 1 === preg_match('/[",\r\n]/', $cell) ? '"'.str_replace('"', '""', $cell).'"' : $cell;
    }
}
