<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Migration;

use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanFormat;

/** Brings a plan of an older version up to the current one, a step at a time. */
final readonly class PlanMigrations
{
    /** @param array<int, callable(\stdClass): \stdClass> $steps the step that leads from each version to the next */
    public function __construct(
        private int $current,
        private array $steps,
    ) {
    }

    public static function all(): self
    {
        return new self(
            PlanFormat::VERSION,
            [
                1 => SeatsAndWaste::migrated(...),
                2 => ShapesAndBays::migrated(...),
                3 => AxlesAndFittings::migrated(...),
                4 => EmptyLine::migrated(...),
                5 => SystemTypes::migrated(...),
                6 => static fn (\stdClass $old): \stdClass => PouredCans::migrated(WholePeople::migrated($old)),
                7 => LineWhenWeighed::migrated(...),
                8 => OutletPorts::migrated(...),
                9 => IssuedIds::migrated(...),
                // What its ends are nobody has said: all of them are to be measured.
                10 => static fn (\stdClass $old): \stdClass => clone $old,
            ],
        );
    }

    /**
     * @return \stdClass a document of the current version; the one given is not touched
     *
     * @throws InvalidInput when this is no plan, or one of a version that is not known here
     */
    public function toCurrent(mixed $document): \stdClass
    {
        if (!$document instanceof \stdClass || ($document->format ?? null) !== PlanFormat::NAME) {
            throw InvalidInput::at('/format', \sprintf('This is not a plan: it must be a JSON object with "format": "%s".', PlanFormat::NAME));
        }
        $version = $document->version ?? null;
        if (!\is_int($version) || $version < 1) {
            throw InvalidInput::at('/version', \sprintf('The version must be a whole number from 1 to %d.', $this->current));
        }
        if ($version > $this->current) {
            throw InvalidInput::at(
                '/version',
                \sprintf('This plan is version %d, from a newer Yard Cask; this one reads up to version %d.', $version, $this->current),
            );
        }
        $document = clone $document;
        while ($version < $this->current) {
            $step = $this->steps[$version] ?? throw InvalidInput::at('/version', \sprintf('Plans of version %d can no longer be read.', $version));
            $document = $step($document);
            $document->version = ++$version;
        }

        return $document;
    }
}
