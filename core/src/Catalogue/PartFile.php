<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\Id;

/** A file of parts and pipes, divided into them and not read further: most of a catalogue is never asked for. */
final readonly class PartFile
{
    private const MOST = 2000;
    private const LONGEST_KIND = 40;

    /**
     * @param array<string, array{string, string}> $parts the kind of each and its JSON, by id
     * @param array<string, string> $pipes the JSON of each, by id
     */
    public function __construct(
        public array $parts,
        public array $pipes,
    ) {
    }

    /** @throws \YardCask\Core\Input\InvalidInput where it is no such file */
    public static function divided(string $json): self
    {
        $in = InputReader::of(Json::decode($json));
        $parts = $pipes = [];
        foreach ($in->objects('parts', self::MOST) as $one) {
            $parts[$one->text('id', Id::MAX_LENGTH)] = [$one->text('kind', self::LONGEST_KIND), Json::encode((object) $one->values())];
        }
        foreach ($in->has('pipes') ? $in->objects('pipes', self::MOST) : [] as $one) {
            $pipes[$one->text('id', Id::MAX_LENGTH)] = Json::encode((object) $one->values());
        }
        $in->throwIfInvalid();

        return new self($parts, $pipes);
    }
}
