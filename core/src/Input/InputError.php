<?php

declare(strict_types=1);

namespace YardCask\Core\Input;

/** One thing wrong with an input: where (JSON Pointer, RFC 6901) and what is allowed there. */
final readonly class InputError implements \JsonSerializable
{
    public function __construct(
        public string $pointer,
        public string $message,
    ) {
    }

    /** @return array{pointer: string, message: string} */
    public function jsonSerialize(): array
    {
        return ['pointer' => $this->pointer, 'message' => $this->message];
    }
}
