<?php

declare(strict_types=1);

namespace YardCask\Server\Http;

use Symfony\Component\HttpFoundation\Request;
use YardCask\Server\Archive\Archive;
use YardCask\Server\Problem\Problem;

/** The body of a request that is an archive, as a file that is there while something is done with it. */
final class ArchiveBody
{
    public const TYPE = 'application/zip';

    /**
     * @template T
     *
     * @param callable(string): T $use
     *
     * @return T
     *
     * @throws Problem when it is not sent as an archive, or is too large
     */
    public static function with(Request $request, callable $use): mixed
    {
        if (self::TYPE !== $request->headers->get('Content-Type')) {
            throw Problem::notOfType(self::TYPE, 'an archive', $request->headers->get('Content-Type', 'nothing'));
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'yardcask');
        try {
            $bytes = file_put_contents($file, $request->getContent(true));
            if (false === $bytes || $bytes > Archive::MOST_BYTES) {
                throw Problem::tooLarge(Archive::MOST_BYTES);
            }

            return $use($file);
        } finally {
            unlink($file);
        }
    }
}
