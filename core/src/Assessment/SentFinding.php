<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Words\Wording;

/** A finding as it is sent out, with those of its fixes that were proven. */
final readonly class SentFinding implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /** The same for the same finding of another plan; no two of a plan have one. */
    public string $key;
    public string $code;
    public Severity $severity;
    /** Read out before the title. */
    public string $severityWord;
    /** The stage's name. */
    public string $stage;
    /** @var list<string> ids of the parts that it is about */
    #[ListOf('string')]
    public array $subject;
    public Measure $measure;
    public string $title;
    public string $why;
    /** @var list<SentFix> none where fixes were not asked for */
    #[ListOf(SentFix::class)]
    public array $fixes;
    public ?SentLookAt $lookAt;
    /** The key of the finding from which it comes, under which it is shown; none where it stands by itself. */
    public ?string $cause;

    /** @param list<SentFix> $fixes */
    public function __construct(Finding $finding, ?string $cause, array $fixes, Wording $wording)
    {
        $this->key = $finding->key();
        $this->code = (string) $finding->code->value;
        $this->severity = $finding->code->severity();
        $this->severityWord = $wording->text($this->severity->word());
        $this->stage = $finding->stage();
        $this->subject = $finding->subject;
        $this->measure = $finding->measure;
        $this->title = $finding->text->title($wording);
        $this->why = $finding->text->why($wording);
        $this->fixes = $fixes;
        $this->lookAt = SentLookAt::of($finding->lookAt, $wording);
        $this->cause = $cause;
    }
}
