<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Json;
use YardCask\Core\Input\Range;
use YardCask\Core\Plan\Field\Id;

/** A file of parts and pipes, divided into them and not read further: most of a catalogue is never asked for. */
final readonly class PartFile
{
    private const MOST = 2000;
    private const LONGEST_KIND = 40;
    private const USUAL_FOR = 'usual_for';
    private const USUAL_BORE = 'usual_bore_mm';

    /**
     * @param array<string, array{string, string}> $parts the kind of each and its JSON, by id
     * @param array<string, string> $pipes the JSON of each, by id
     * @param array<string, list<array{string, float|null}>> $usual by what they are usual for: the ids, each with the bore of the pipe
     *                                                              that it goes with, or null where it goes with any
     */
    public function __construct(
        public array $parts,
        public array $pipes,
        public array $usual,
    ) {
    }

    /** @throws \YardCask\Core\Input\InvalidInput where it is no such file */
    public static function divided(string $json): self
    {
        $in = InputReader::of(Json::decode($json));
        $parts = $pipes = $usual = [];
        foreach ($in->objects('parts', self::MOST) as $one) {
            $id = $one->text('id', Id::MAX_LENGTH);
            $parts[$id] = [$one->text('kind', self::LONGEST_KIND), self::described($one)];
            $usual = self::withUsual($usual, $id, $one);
        }
        foreach ($in->has('pipes') ? $in->objects('pipes', self::MOST) : [] as $one) {
            $id = $one->text('id', Id::MAX_LENGTH);
            $pipes[$id] = self::described($one);
            $usual = self::withUsual($usual, $id, $one);
        }
        $in->throwIfInvalid();

        return new self($parts, $pipes, $usual);
    }

    /** @return string its JSON without what it is usual for */
    private static function described(InputReader $one): string
    {
        return Json::encode((object) array_diff_key($one->values(), [self::USUAL_FOR => true, self::USUAL_BORE => true]));
    }

    /**
     * @param array<string, list<array{string, float|null}>> $usual
     *
     * @return array<string, list<array{string, float|null}>>
     */
    private static function withUsual(array $usual, string $id, InputReader $one): array
    {
        if ($one->has(self::USUAL_FOR)) {
            $bore = $one->has(self::USUAL_BORE) ? $one->number(self::USUAL_BORE, Range::between(1, 100)) : null;
            $usual[$one->choice(self::USUAL_FOR, UsualFor::cases())->value][] = [$id, $bore];
        }

        return $usual;
    }
}
