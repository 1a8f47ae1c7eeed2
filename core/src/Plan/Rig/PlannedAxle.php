<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Plan\Field\Checked;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;

/** An axle of a vehicle: where it stands, its limit, and what stands on it before anything is loaded. */
final readonly class PlannedAxle implements PlanPart, Checked
{
    use WrittenAsDeclared;

    public function __construct(
        #[Id]
        public string $id,
        #[Text('the axle’s name', Text::LONGEST_NAME)]
        public string $name,
        #[Inline]
        public AxleSizes $sizes,
        #[Inline(word: 'axle')]
        public Weighing $weighing,
    ) {
    }

    public function check(InputReader $in): void
    {
        if ($this->weighing->kg() < 0) {
            $in->fail($this->weighing->key(), \sprintf('%s kg is too little: an axle must carry more than 0 kg.', $this->weighing->kg()));
        }
    }
}
