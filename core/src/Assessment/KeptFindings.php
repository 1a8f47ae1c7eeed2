<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\Wording;
use YardCask\Core\Words\WrittenText;

/**
 * Findings that are known already, usually kept from an earlier plan.
 *
 * @phpstan-type FindingValues array{string, list<string>, array{float, float, string}, array{string, string, string}, array{string, string}|null, list<string>}
 */
final readonly class KeptFindings implements Rule
{
    /** @param list<Finding> $findings */
    public function __construct(private array $findings)
    {
    }

    /**
     * @param list<FindingValues> $values
     * @param class-string<FindingCode> $codes the enum of what is found
     */
    public static function ofValues(array $values, string $codes): self
    {
        return new self(array_map(static fn (array $one): Finding => self::finding($one, $codes), $values));
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<FindingValues> to be kept
     */
    public static function values(array $findings, Wording $wording): array
    {
        return array_map(static fn (Finding $one): array => [
            (string) $one->code->value,
            $one->subject,
            [$one->measure->value, $one->measure->limit, $one->measure->unit],
            [$one->text->title($wording), $one->text->loweredTitle($wording), $one->text->why($wording)],
            null === $one->lookAt ? null : [$one->lookAt->pointer, $wording->phrase($one->lookAt->label)],
            $one->causes,
        ], $findings);
    }

    public function check(Workings $workings): array
    {
        return $this->findings;
    }

    /**
     * @param FindingValues $values
     * @param class-string<FindingCode> $codes
     */
    private static function finding(array $values, string $codes): Finding
    {
        [$code, $subject, $measure, $text, $lookAt, $causes] = $values;

        return new Finding(
            code: $codes::from($code),
            subject: $subject,
            measure: new Measure(...$measure),
            text: new WrittenText(...$text),
            proposals: static fn (): array => [],
            lookAt: null === $lookAt ? null : new LookAt($lookAt[0], Phrase::verbatim($lookAt[1])),
            causes: $causes,
        );
    }
}
