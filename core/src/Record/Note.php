<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A note in words, with a photograph, or both. */
final readonly class Note implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public const LONGEST = 2000;

    public function __construct(
        /** In lines; empty where the photograph says it all. */
        public string $text,
        /** The UUID of its photograph. */
        public ?string $photo = null,
        /** Where on a drawing; null where it is about a part or the whole plan. */
        public ?Place $place = null,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $text = $in->lines('text', self::LONGEST, '');
        $photo = $in->has('photo') ? Uuid::read($in, 'photo') : null;
        if ('' === $text && null === $photo) {
            $in->fail('text', 'Write what you saw, or add a photograph.');
        }
        $place = $in->has('place') ? Place::read($in->object('place')) : null;
        $in->finish();

        return new self($text, $photo, $place);
    }
}
