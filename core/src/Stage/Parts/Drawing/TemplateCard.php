<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\Sent;
use YardCask\Core\Stage\Parts\Drilling\FaceTemplate;
use YardCask\Core\Stage\Parts\Drilling\TemplateSvg;

/** A template to be printed at its true size. */
final readonly class TemplateCard implements Sent
{
    private function __construct(
        public string $id,
        public string $name,
        public string $svg,
    ) {
    }

    /** @return list<self> */
    public static function all(Workings $workings): array
    {
        return array_map(static fn (FaceTemplate $one): self => new self(
            $one->id,
            $workings->wording->phrase($one->name),
            TemplateSvg::write($one, $workings->wording),
        ), FaceTemplate::all($workings));
    }
}
