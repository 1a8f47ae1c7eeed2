<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Line\School;

/** The schools: how each line begins, as chains of parts along the water. */
final readonly class SchoolBook
{
    /** @param array<string, SchoolPage> $pages by the school's value */
    private function __construct(public array $pages)
    {
    }

    /** @throws InvalidInput when the file contradicts its form */
    public static function fromJson(string $json): self
    {
        $in = InputReader::of(Json::decode($json));
        $pages = [];
        foreach ($in->objects('schools', 40) as $one) {
            $page = SchoolPage::read($one);
            $pages[$page->school->value] = $page;
        }
        $in->finish();
        $in->throwIfInvalid();

        return new self($pages);
    }

    public function page(School $school): SchoolPage
    {
        return $this->pages[$school->value] ?? throw new \LogicException('No page tells of '.$school->value.'.');
    }
}
