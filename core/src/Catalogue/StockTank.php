<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\AsIn;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\PartReader;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedArch;
use YardCask\Core\Plan\Tanks\PlannedLevel;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedShape;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A tank that can be had ready made: its inner sizes over all, where its fittings can sit, and what it costs. */
final readonly class StockTank
{
    /**
     * @param list<PlannedPort> $ports where it has a hole or may have one
     * @param list<PlannedLevel> $levels
     */
    public function __construct(
        #[AsIn(PlannedTank::class)]
        public string $id,
        #[AsIn(PlannedTank::class)]
        public string $name,
        #[AsIn(PlannedTank::class)]
        public TankMounting $form,
        #[AsIn(PlannedTank::class)]
        public PlannedShape $shape,
        #[AsIn(PlannedTank::class)]
        public float $lengthMm,
        #[AsIn(PlannedTank::class)]
        public float $widthMm,
        #[AsIn(PlannedTank::class)]
        public float $heightMm,
        #[AsIn(PlannedTank::class)]
        public float $outletHeightMm,
        #[AsIn(PlannedTank::class)]
        public float $overflowHeightMm,
        #[AsIn(PlannedTank::class)]
        public float $emptyKg,
        /** An invented price, of no currency: it only compares. */
        #[Measured('its price', 'Price', Kind::Count, Unit::One, 0, 100000)]
        public float $price,
        #[AsIn(PlannedTank::class)]
        public array $ports,
        #[AsIn(PlannedTank::class)]
        public array $levels,
        #[AsIn(PlannedTank::class)]
        public ?PlannedArch $arch = null,
    ) {
    }

    /**
     * @param mixed $document decoded JSON, objects as stdClass
     *
     * @throws InvalidInput with every error of it
     */
    public static function fromDocument(mixed $document, string $id): self
    {
        $in = InputReader::of($document);
        $tank = (new PartReader())->read(self::class, $in);
        $in->throwIfInvalid();

        return PartFields::changed($tank, ['id' => $id]);
    }

    /** Brim full. */
    public function fullL(): float
    {
        return $this->shape->inside([$this->lengthMm, $this->widthMm, $this->heightMm], $this->arch, $this->levels)->litresBelow($this->overflowHeightMm);
    }

    /** A tank of a plan, to be had again: with its ports as places, whatever sits there. */
    public static function like(PlannedTank $tank, float $price): self
    {
        $ports = array_map(static fn (PlannedPort $port): PlannedPort => PartFields::changed($port, ['role' => PortRole::Spare]), $tank->ports);

        return new self(
            id: $tank->id,
            name: $tank->name,
            form: $tank->form,
            shape: $tank->shape,
            lengthMm: $tank->lengthMm,
            widthMm: $tank->widthMm,
            heightMm: $tank->heightMm,
            outletHeightMm: $tank->outletHeightMm,
            overflowHeightMm: $tank->overflowMm(),
            emptyKg: $tank->emptyKg,
            price: $price,
            ports: $ports,
            levels: $tank->levels,
            arch: $tank->arch,
        );
    }

    /**
     * As a tank of a plan, at its origin, with the fittings of the tank whose place it takes.
     *
     * @param list<PlannedPort> $fitted
     */
    public function planned(string $id, string $name, Plan $plan, array $fitted): PlannedTank
    {
        $tank = new PlannedTank(
            id: $id,
            name: $name,
            form: $this->form,
            shape: $this->shape,
            holds: WaterKind::Fresh,
            count: 1.0,
            lengthMm: $this->lengthMm,
            widthMm: $this->widthMm,
            heightMm: $this->heightMm,
            outletHeightMm: $this->outletHeightMm,
            overflowHeightMm: $this->overflowHeightMm,
            displacedFraction: 0.0,
            emptyKg: $this->emptyKg,
            xM: 0.0,
            yM: 0.0,
            zM: 0.0,
            seeThrough: true,
            poured: TankMounting::Fixed !== $this->form,
            ports: $this->ports,
            arch: $this->arch,
            levels: $this->levels,
            stock: $this->id,
        );
        $tank = self::renamed($tank, $id, $name, $plan);
        $fitted = array_map($this->refitted(...), $fitted);

        return PartFields::changed($tank, ['ports' => \array_slice([...$fitted, ...$tank->ports], 0, PlannedTank::MOST_PORTS)]);
    }

    /** A fitting of another tank in this one: an outlet in a side goes where this one has it. */
    private function refitted(PlannedPort $port): PlannedPort
    {
        return PortRole::Outlet === $port->role && 2 !== $port->face->axis()
            ? PartFields::changed($port, ['upMm' => $this->outletHeightMm + $port->boreMm / 2])
            : $port;
    }

    /** The same tank under an id and a name that are free in a plan, as are those of its ports and of the lines of its table. */
    public static function renamed(PlannedTank $tank, string $id, string $name, Plan $plan): PlannedTank
    {
        $ports = array_map(
            static fn (PlannedPort $port, string $free): PlannedPort => PartFields::changed($port, ['id' => $free]),
            $tank->ports,
            FreeId::several('spare', \count($tank->ports), $plan),
        );
        $levels = array_map(
            static fn (PlannedLevel $level, string $free): PlannedLevel => PartFields::changed($level, ['id' => $free]),
            $tank->levels,
            FreeId::several('level', \count($tank->levels), $plan),
        );

        return PartFields::changed($tank, ['id' => $id, 'name' => $name, 'ports' => $ports, 'levels' => $levels]);
    }
}
