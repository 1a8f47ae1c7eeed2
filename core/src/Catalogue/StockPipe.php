<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\PartReader;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\Tube;

/** A pipe or a hose that can be had by the metre. */
final readonly class StockPipe
{
    public function __construct(
        #[Id]
        public string $id,
        #[Text('the pipe’s name', Text::LONGEST_NAME)]
        public string $name,
        #[Inline]
        public Tube $tube,
    ) {
    }

    /**
     * @param mixed $document decoded JSON, objects as stdClass
     *
     * @throws InvalidInput with every error of it
     */
    public static function fromDocument(mixed $document): self
    {
        $in = InputReader::of($document);
        $pipe = (new PartReader())->read(self::class, $in);
        $in->throwIfInvalid();

        return $pipe;
    }

    /** @param string $from “pump.out” */
    public function planned(string $id, string $name, string $from, string $to): PlannedPipe
    {
        return new PlannedPipe($id, $name, $from, $to, $this->tube, [], stock: $this->id);
    }
}
