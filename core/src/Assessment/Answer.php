<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\Wording;

/** What a stage says, as one sentence around one figure that opens its sum, with a line of reason below it. */
final readonly class Answer implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    private function __construct(
        public string $before,
        public string $figure,
        public string $after,
        public string $reason,
        public string $figureId,
    ) {
    }

    /** @param array{string, string, string, string, string} $values */
    public static function ofValues(array $values): self
    {
        return new self(...$values);
    }

    /** @return array{string, string, string, string, string} what it is made of again */
    public function values(): array
    {
        return [$this->before, $this->figure, $this->after, $this->reason, $this->figureId];
    }

    /**
     * @param string $sentence the key of the sentence, whose pattern has its figure in square brackets
     * @param string $reason the key of the line below it
     * @param string $figureId of the figure that opens
     * @param array<string, string|int|Amount|Phrase|\BackedEnum|list<string|Phrase>|null> $with what fills both
     */
    public static function of(Wording $wording, string $sentence, string $reason, string $figureId, array $with): self
    {
        // A name with brackets in it is no figure.
        $plain = array_map(static fn (mixed $one): mixed => \is_string($one) ? strtr($one, '[]', '()') : $one, $with);
        $parts = preg_split('/[\[\]]/', $wording->text($sentence, $plain));
        if (false === $parts || 3 !== \count($parts)) {
            throw new \LogicException(\sprintf('“%s” needs one figure in square brackets.', $sentence));
        }

        return new self($parts[0], $parts[1], $parts[2], $wording->text($reason, $with), $figureId);
    }
}
