<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\PartReader;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\Tube;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

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
        /** Null where any length is cut off a roll. */
        #[Measured('the length that it is sold in', 'Sold in', Kind::Length, Unit::Metre, 0.2, 20)]
        public ?float $soldM = null,
    ) {
    }

    /** In the place of a pipe of a plan: what joined the other tube does not join this one. */
    public function insteadOf(PlannedPipe $pipe): PlannedPipe
    {
        $joints = $pipe->tube->end === $this->tube->end ? [] : ['fromJoint' => null, 'toJoint' => null];

        return PartFields::changed($pipe, ['tube' => $this->tube, 'stock' => $this->id, ...$joints]);
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
