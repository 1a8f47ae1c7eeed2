<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\PlanPatch;

/** A change of the plan that is offered: its label, the patch that the app can apply, and what it makes worse. */
final readonly class Fix implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $label,
        public PlanPatch $patch,
        public ?string $cost = null,
    ) {
    }
}
