<?php

declare(strict_types=1);

namespace YardCask\Server\Problem;

/** A refusal that reaches the client as a problem document (RFC 9457). */
final class Problem extends \RuntimeException
{
    /**
     * @param list<array{pointer: string, message: string, choices?: list<string>}> $violations
     * @param array<string, mixed> $members further members of the document
     */
    private function __construct(
        public readonly int $status,
        public readonly string $title,
        string $detail,
        public readonly array $violations = [],
        public readonly array $members = [],
    ) {
        parent::__construct($detail);
    }

    public static function noSuchPlan(string $id): self
    {
        return new self(404, 'No such plan', \sprintf('There is no plan “%s”. It may have been deleted.', $id));
    }

    public static function noSuchRevision(int $number): self
    {
        return new self(404, 'No such revision', \sprintf('This plan has no revision %d.', $number));
    }

    public static function revisionNotNamed(): self
    {
        return new self(428, 'Revision not named', 'Send If-Match with the revision that this change is based on, for example If-Match: "3".');
    }

    /** @param array<string, mixed> $current the plan as it stands */
    public static function changedMeanwhile(int $based, int $revision, array $current): self
    {
        return new self(412, 'Changed meanwhile', \sprintf('This change is based on revision %d, but the plan has been saved since and is now at revision %d.', $based, $revision), [], ['current' => $current]);
    }

    public static function tooLarge(int $limit): self
    {
        return new self(413, 'Too large', \sprintf('At most %d kB are read; a plan takes about 10.', intdiv($limit, 1024)));
    }

    public static function notJson(string $type): self
    {
        return new self(415, 'Not JSON', \sprintf('Send the body as Content-Type: application/json, not “%s”.', $type));
    }

    public static function unreadable(string $detail): self
    {
        return new self(400, 'Unreadable', $detail);
    }

    /** @param non-empty-list<array{pointer: string, message: string, choices?: list<string>}> $violations */
    public static function invalid(array $violations): self
    {
        return new self(422, 'Not valid', $violations[0]['message'], $violations);
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return ['type' => 'about:blank', 'title' => $this->title, 'status' => $this->status, 'detail' => $this->getMessage()]
            + ([] === $this->violations ? [] : ['violations' => $this->violations])
            + $this->members;
    }
}
