<?php

declare(strict_types=1);

namespace YardCask\Core\Input;

/** Everything that is wrong with an input, reported at once. */
final class InvalidInput extends \RuntimeException
{
    /** @param non-empty-list<InputError> $errors */
    private function __construct(public readonly array $errors)
    {
        parent::__construct(implode(' ', array_map(static fn (InputError $error): string => trim($error->pointer.' '.$error->message), $errors)));
    }

    /** @param non-empty-list<InputError> $errors */
    public static function because(array $errors): self
    {
        return new self($errors);
    }

    public static function at(string $pointer, string $message): self
    {
        return new self([new InputError($pointer, $message)]);
    }
}
