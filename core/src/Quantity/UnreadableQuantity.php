<?php

declare(strict_types=1);

namespace YardCask\Core\Quantity;

/** A typed text that could not be read as the quantity wanted. The message says what was understood and what is allowed. */
final class UnreadableQuantity extends \RuntimeException
{
    /** @param list<string> $choices readings that the writer may have meant, each of which parses */
    private function __construct(string $message, public readonly array $choices = [])
    {
        parent::__construct($message);
    }

    public static function nothingTyped(Kind $kind): self
    {
        return new self(\sprintf('This is empty. Type %s, for example %s.', $kind->noun(), $kind->examples()));
    }

    public static function noNumber(string $text, Kind $kind): self
    {
        return new self(\sprintf('“%s” has no number that can be read. Type %s, for example %s.', $text, $kind->noun(), $kind->examples()));
    }

    public static function unknownUnit(string $text, string $unit, Kind $kind): self
    {
        return new self(\sprintf('“%s”: the unit “%s” is not known. Type %s, for example %s.', $text, $unit, $kind->noun(), $kind->examples()));
    }

    public static function otherKind(string $text, Kind $found, Kind $wanted): self
    {
        return new self(\sprintf('“%s” is %s, but this field takes %s, for example %s.', $text, $found->noun(), $wanted->noun(), $wanted->examples()));
    }

    public static function loosePart(string $text, string $part, Kind $kind): self
    {
        return new self(
            \sprintf('“%s”: it is not clear what the %s at the end counts. Name its unit, or type for example %s.', $text, $part, $kind->examples()),
        );
    }

    public static function notOneQuantity(string $text, Kind $kind): self
    {
        return new self(\sprintf('“%s” is not one quantity. Type a single one, for example %s.', $text, $kind->examples()));
    }

    public static function divisionByZero(string $text): self
    {
        return new self(\sprintf('“%s” divides by zero.', $text));
    }

    /** @param list<string> $choices */
    public static function ambiguous(string $text, string $reason, array $choices): self
    {
        return new self(\sprintf('“%s” can be read in two ways: %s. Type %s.', $text, $reason, implode(' or ', $choices)), $choices);
    }

    /** @param list<string> $readings the likelier first; each is what the writer may have meant */
    public static function implausible(string $text, string $expected, array $readings): self
    {
        return new self(\sprintf('“%s” is far from the %s next to it. Is it %s?', trim($text), $expected, implode(' or ', $readings)), $readings);
    }
}
