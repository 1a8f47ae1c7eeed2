<?php

declare(strict_types=1);

namespace YardCask\Core\Stage;

use YardCask\Core\Assessment\Severity;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\Plan;

/** What the shelf says of a plan: how full it may travel, and its worst finding. */
final readonly class ShelfNote implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    private function __construct(
        /** The rig, as it stands in the plan, to be drawn small. */
        public SentRig $rig,
        /** The answer of the Load stage. */
        public string $answer,
        /** The worst finding's title; none when there is none. */
        public ?string $snag,
        public ?Severity $severity,
        public ?string $severityWord,
    ) {
    }

    /** @param PartStock $stock the parts that can be had */
    public static function of(Plan $plan, PartStock $stock): self
    {
        $assessment = Assessor::assess($plan, '-', $stock);
        $answer = $assessment->stages['load']->answer;
        $worst = $assessment->findings[0] ?? null;

        return new self(
            new SentRig($plan->load->rig),
            $answer->before.$answer->figure.$answer->after,
            $worst?->title,
            $worst?->severity,
            $worst?->severityWord,
        );
    }
}
