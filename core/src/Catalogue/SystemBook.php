<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Line\SystemType;

/** The systems: how each line begins, as chains of parts along the water. */
final readonly class SystemBook
{
    /** @param array<string, SystemPage> $pages by the system's value */
    private function __construct(public array $pages)
    {
    }

    /** @throws InvalidInput when the file contradicts its form */
    public static function fromJson(string $json): self
    {
        $in = InputReader::of(Json::decode($json));
        $pages = [];
        foreach ($in->objects('systems', 40) as $one) {
            $page = SystemPage::read($one);
            $pages[$page->system->value] = $page;
        }
        $in->finish();
        $in->throwIfInvalid();

        return new self($pages);
    }

    public function page(SystemType $system): SystemPage
    {
        return $this->pages[$system->value] ?? throw new \LogicException('No page tells of '.$system->value.'.');
    }
}
