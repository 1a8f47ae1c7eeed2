<?php

declare(strict_types=1);

namespace YardCask\Core\Input;

/** One thing wrong with an input: where (JSON Pointer, RFC 6901) and what is allowed there. */
final readonly class InputError implements \JsonSerializable
{
    private const LONGEST_POINTER = 200;
    private const LONGEST_MESSAGE = 600;

    public string $pointer;
    public string $message;

    /** What is longer than anybody reads is cut off. */
    public function __construct(string $pointer, string $message)
    {
        $this->pointer = mb_strimwidth($pointer, 0, self::LONGEST_POINTER, '…');
        $this->message = mb_strimwidth($message, 0, self::LONGEST_MESSAGE, '…');
    }

    /** @return array{pointer: string, message: string} */
    public function jsonSerialize(): array
    {
        return ['pointer' => $this->pointer, 'message' => $this->message];
    }
}
