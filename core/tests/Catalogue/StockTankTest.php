<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Catalogue;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\AsIn;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Tests\SamplePlans;

/** A tank of the catalogue is described as one of a plan is. */
final class StockTankTest extends TestCase
{
    public function testWhatItSharesWithAPlannedTankIsDeclaredThereAlone(): void
    {
        $shared = 0;
        foreach ((new \ReflectionMethod(StockTank::class, '__construct'))->getParameters() as $parameter) {
            $isShared = property_exists(PlannedTank::class, $parameter->getName());
            self::assertSame($isShared, [] !== $parameter->getAttributes(AsIn::class), $parameter->getName());
            $shared += $isShared ? 1 : 0;
        }
        self::assertSame(13, $shared);
        foreach (PartFields::of(StockTank::class) as $field) {
            self::assertNotInstanceOf(AsIn::class, $field->is, $field->key);
            if ('price' !== $field->key) {
                self::assertSame(PartFields::named(PlannedTank::class, $field->key)->is, $field->is, $field->key);
            }
        }
    }

    public function testItsRangesAreThoseOfAPlannedTank(): void
    {
        $document = (object) ((array) json_decode((string) json_encode(PartFields::written(StockTank::like(SamplePlans::fellside()->tanks[0], 90.0)))));
        self::assertSame('stock', StockTank::fromDocument($document, 'stock')->id);
        foreach (['length_mm', 'width_mm', 'height_mm', 'outlet_height_mm', 'overflow_height_mm', 'empty_kg'] as $key) {
            $range = PartFields::measured(PlannedTank::class, $key)->range;
            foreach ([$range->max + 1, $range->min - 1] as $beyond) {
                try {
                    StockTank::fromDocument((object) ([$key => $beyond] + (array) $document), 'stock');
                    self::fail($key.' can be '.$beyond);
                } catch (InvalidInput $e) {
                    self::assertContains('/'.$key, array_column($e->errors, 'pointer'));
                }
            }
        }
        self::assertInstanceOf(Measured::class, PartFields::named(StockTank::class, 'price')->is);
    }

    public function testKeptAndPutInAgainItIsTheSameTankWithSpareHoles(): void
    {
        $plan = SamplePlans::fellside();
        $tank = $plan->tanks[0];
        $again = StockTank::like($tank, 90.0)->planned(FreeId::of('tank', $plan), 'Again', $plan, []);
        foreach (['form', 'shape', 'lengthMm', 'widthMm', 'heightMm', 'outletHeightMm', 'emptyKg'] as $property) {
            self::assertSame($tank->{$property}, $again->{$property}, $property);
        }
        self::assertSame($tank->overflowMm(), $again->overflowMm());
        self::assertCount(\count($tank->ports), $again->ports);
        foreach ($again->ports as $index => $port) {
            self::assertSame(PortRole::Spare, $port->role);
            self::assertSame([$tank->ports[$index]->face, $tank->ports[$index]->alongMm], [$port->face, $port->alongMm]);
            self::assertNotContains($port->id, array_column($tank->ports, 'id'), 'Its ports have ids of their own.');
        }
    }
}
