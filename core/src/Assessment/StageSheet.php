<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** What one stage shows: its answer, the data of its drawing, and the cautions that stand there. */
final readonly class StageSheet
{
    /**
     * @param array<string, mixed> $drawing
     * @param list<string> $cautions
     * @param list<Fix> $additions parts that can be added here, each a patch of its own
     */
    public function __construct(
        public Stage $stage,
        public Answer $answer,
        public array $drawing,
        public array $cautions,
        public array $additions = [],
    ) {
    }

    /**
     * @param list<Finding> $findings of this stage
     *
     * @return array<string, mixed>
     */
    public function toJson(array $findings): array
    {
        $severities = array_map(static fn (Finding $finding): Severity => $finding->code->severity(), $findings);
        $state = \in_array(Severity::Stop, $severities, true) ? 'shut' : (\in_array(Severity::Fix, $severities, true) ? 'half' : 'open');

        return ['state' => $state, 'answer' => $this->answer, 'drawing' => $this->drawing, 'cautions' => $this->cautions, 'additions' => $this->additions];
    }
}
