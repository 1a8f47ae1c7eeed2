<?php

declare(strict_types=1);

namespace YardCask\Server\Storage;

use YardCask\Core\Input\InvalidInput;

/** A photograph that was sent, drawn anew: where it was taken, and whatever else was hidden in the file, is gone. */
final readonly class Jpeg
{
    /** Of the longer side; the page scales larger ones down before it sends them. */
    public const LONGEST_PX = 2000;
    public const MOST_BYTES = 400_000;
    private const QUALITIES = [82, 70, 55, 40];

    private function __construct(
        public string $bytes,
        public int $width,
        public int $height,
    ) {
    }

    /** @throws InvalidInput when it is no such photograph */
    public static function drawnAnew(string $sent): self
    {
        // Its head alone says how large it is: a small file can hold an image that fills the memory.
        $head = @getimagesizefromstring($sent);
        if (false === $head || \IMAGETYPE_JPEG !== $head[2]) {
            throw InvalidInput::at('', 'This is not a JPEG photograph.');
        }
        [$width, $height] = $head;
        if (max($width, $height) > self::LONGEST_PX || min($width, $height) < 1) {
            throw InvalidInput::at('', \sprintf('A photograph may be %d pixels long at most; this one is %d × %d.', self::LONGEST_PX, $width, $height));
        }
        $image = @imagecreatefromstring($sent);
        if (false === $image) {
            throw InvalidInput::at('', 'This JPEG is damaged. Take the photograph again, or save it anew.');
        }
        foreach (self::QUALITIES as $quality) {
            ob_start();
            imagejpeg($image, null, $quality);
            $bytes = (string) ob_get_clean();
            if (\strlen($bytes) <= self::MOST_BYTES) {
                return new self($bytes, $width, $height);
            }
        }

        throw InvalidInput::at('', \sprintf('This photograph cannot be made smaller than %d kB. Take it again from closer up.', self::MOST_BYTES / 1000));
    }
}
