<?php

declare(strict_types=1);

namespace YardCask\Server\Command;

use YardCask\Core\Input\InvalidInput;

/** A file named on the command line, or standard input as `-`. */
final class InputFile
{
    /** @throws InvalidInput when the file cannot be read */
    public static function read(string $file): string
    {
        $text = '-' === $file ? stream_get_contents(\STDIN) : (is_file($file) ? file_get_contents($file) : false);

        return false === $text ? throw InvalidInput::at('', \sprintf('The file “%s” cannot be read.', $file)) : $text;
    }
}
