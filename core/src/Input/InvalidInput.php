<?php

declare(strict_types=1);

namespace YardCask\Core\Input;

/** Everything that is wrong with an input, reported at once. */
final class InvalidInput extends \RuntimeException implements \JsonSerializable
{
    /** So many are told one by one. */
    public const MOST_ERRORS = 50;
    /** So many stand in the message. */
    private const SPOKEN = 8;

    /**
     * @param non-empty-list<InputError> $errors
     * @param int $more how many were found beyond these
     */
    private function __construct(public readonly array $errors, public readonly int $more)
    {
        parent::__construct(
            implode(
                ' ',
                array_map(static fn (InputError $error): string => trim($error->pointer.' '.$error->message), \array_slice($errors, 0, self::SPOKEN)),
            ),
        );
    }

    /** @param non-empty-list<InputError> $errors */
    public static function because(array $errors): self
    {
        return new self(\array_slice($errors, 0, self::MOST_ERRORS), max(0, \count($errors) - self::MOST_ERRORS));
    }

    public static function at(string $pointer, string $message): self
    {
        return new self([new InputError($pointer, $message)], 0);
    }

    /** @return array{errors: non-empty-list<InputError>, more_errors?: int} */
    public function jsonSerialize(): array
    {
        return ['errors' => $this->errors] + (0 === $this->more ? [] : ['more_errors' => $this->more]);
    }
}
