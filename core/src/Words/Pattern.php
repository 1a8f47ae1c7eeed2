<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

/** What an ICU message pattern asks for: the names in it, and the cases it tells apart. */
final class Pattern
{
    /** @var array<string, list<string>> the selectors of each name, by name; none where it is only put in */
    private array $cases = [];
    private int $at = 0;

    private function __construct(private readonly string $pattern)
    {
        $this->message();
    }

    /**
     * @return array<string, list<string>> the names in a pattern in their order, each with its selectors: “boat”, “other”, “=1”; none where it is only put in
     */
    public static function cases(string $pattern): array
    {
        return (new self($pattern))->cases;
    }

    /** Up to the end, or to the brace that ends a case. */
    private function message(): void
    {
        for ($length = \strlen($this->pattern); $this->at < $length; ++$this->at) {
            if ('}' === $this->pattern[$this->at]) {
                return;
            }
            if ('{' === $this->pattern[$this->at]) {
                ++$this->at;
                $this->argument();
            }
        }
    }

    /** From behind its opening brace to its closing one. */
    private function argument(): void
    {
        $name = trim($this->upTo(',}'));
        $this->cases[$name] ??= [];
        if ('}' === $this->pattern[$this->at]) {
            return;
        }
        ++$this->at;
        $this->upTo(',');
        ++$this->at;
        while ('}' !== $this->pattern[$this->at]) {
            $selector = trim($this->upTo('{}'));
            if ('}' === $this->pattern[$this->at]) {
                return;
            }
            if (!\in_array($selector, $this->cases[$name], true)) {
                $this->cases[$name][] = $selector;
            }
            ++$this->at;
            $this->message();
            ++$this->at;
        }
    }

    private function upTo(string $ends): string
    {
        $length = strcspn($this->pattern, $ends, $this->at);
        $text = substr($this->pattern, $this->at, $length);
        $this->at += $length;
        if ($this->at >= \strlen($this->pattern)) {
            throw new \LogicException(\sprintf('A brace is not closed: %s', $this->pattern));
        }

        return $text;
    }
}
