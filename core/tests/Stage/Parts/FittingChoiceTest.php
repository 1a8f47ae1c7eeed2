<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Parts;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\FittingKind;
use YardCask\Core\Catalogue\Fitting\FittingStock;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\PlannedSubstitute;
use YardCask\Core\Stage\Parts\Shopping\FittingChoice;
use YardCask\Core\Tests\SamplePlans;

/** Of what can be had, the fitting that suits a size. */
final class FittingChoiceTest extends TestCase
{
    /** Each kind from the widest to the narrowest, so that none is chosen for being first. */
    private const FITTINGS = [
        ['wide', 'clamp', ['family' => 'band', 'from_mm' => 8, 'to_mm' => 24]],
        ['near', 'clamp', ['family' => 'band', 'from_mm' => 12, 'to_mm' => 20]],
        ['as-near', 'clamp', ['family' => 'band', 'from_mm' => 13, 'to_mm' => 21]],
        ['large', 'clamp', ['family' => 'band', 'from_mm' => 40, 'to_mm' => 60]],
        ['clip-15', 'clip', ['family' => 'tube_clip', 'outer_mm' => 15]],
        ['clip-14', 'clip', ['family' => 'tube_clip', 'outer_mm' => 14]],
        ['cable-4', 'cable', ['family' => 'cable', 'copper_mm2' => 4]],
        ['cable-2', 'cable', ['family' => 'cable', 'copper_mm2' => 2.5]],
        ['fuse-10', 'fuse', ['family' => 'fuse', 'amps' => 10]],
        ['fuse-5', 'fuse', ['family' => 'fuse', 'amps' => 5]],
        ['bolt-8', 'bolt', ['family' => 'fixing', 'holds_kg' => 400]],
        ['bolt-6', 'bolt', ['family' => 'fixing', 'holds_kg' => 250]],
        ['sleeve-22', 'insulation', ['family' => 'sleeve', 'inner_mm' => 22, 'wall_mm' => 13]],
        ['sleeve-12', 'insulation', ['family' => 'sleeve', 'inner_mm' => 12, 'wall_mm' => 13]],
        ['plate-50', 'wall_plate', ['family' => 'cover', 'hole_mm' => 50, 'across_mm' => 80]],
        ['plate-30', 'wall_plate', ['family' => 'cover', 'hole_mm' => 30, 'across_mm' => 60]],
    ];

    /** @return iterable<string, array{string|null, \Closure(FittingChoice): (StockFitting|null)}> */
    public static function sizes(): iterable
    {
        $band = static fn (float $mm): \Closure => static fn (FittingChoice $of): ?StockFitting => $of->band(FittingKind::Clamp, $mm);
        yield 'a band, the narrowest range; the first of two alike' => ['near', $band(15.0)];
        yield 'at its least' => ['near', $band(12.0)];
        yield 'at its most' => ['near', $band(20.0)];
        yield 'beyond the narrow one' => ['as-near', $band(20.5)];
        yield 'only the wide one' => ['wide', $band(24.0)];
        yield 'between all' => [null, $band(30.0)];
        $clip = static fn (float $mm, float $off): \Closure => static fn (FittingChoice $of): ?StockFitting => $of->forTube(FittingKind::Clip, $mm, $off);
        yield 'a clip, the nearest' => ['clip-14', $clip(14.25, 2.0)];
        yield 'nearly' => ['clip-15', $clip(15.5, 0.5)];
        yield 'too far off' => [null, $clip(15.75, 0.5)];
        yield 'cable as thick' => ['cable-2', static fn (FittingChoice $of): ?StockFitting => $of->cable(2.5)];
        yield 'thicker cable' => ['cable-4', static fn (FittingChoice $of): ?StockFitting => $of->cable(2.6)];
        yield 'a fuse as large' => ['fuse-5', static fn (FittingChoice $of): ?StockFitting => $of->fuse(5.0)];
        yield 'a larger fuse' => ['fuse-10', static fn (FittingChoice $of): ?StockFitting => $of->fuse(6.0)];
        yield 'a bolt that just holds' => ['bolt-6', static fn (FittingChoice $of): ?StockFitting => $of->fixing(FittingKind::Bolt, 250.0)];
        yield 'a stronger bolt' => ['bolt-8', static fn (FittingChoice $of): ?StockFitting => $of->fixing(FittingKind::Bolt, 251.0)];
        yield 'a sleeve as wide' => ['sleeve-12', static fn (FittingChoice $of): ?StockFitting => $of->sleeve(FittingKind::Insulation, 12.0)];
        yield 'a wider sleeve' => ['sleeve-22', static fn (FittingChoice $of): ?StockFitting => $of->sleeve(FittingKind::Insulation, 12.5)];
        yield 'a plate as wide' => ['plate-30', static fn (FittingChoice $of): ?StockFitting => $of->cover(FittingKind::WallPlate, 30.0)];
        yield 'a wider plate' => ['plate-50', static fn (FittingChoice $of): ?StockFitting => $of->cover(FittingKind::WallPlate, 31.0)];
    }

    /** @param \Closure(FittingChoice): (StockFitting|null) $choose */
    #[DataProvider('sizes')]
    public function testTheNearestThatDoesIsChosen(?string $id, \Closure $choose): void
    {
        self::assertSame($id, $choose(self::choice([]))?->id);
    }

    public function testWhatThePlanHasInsteadIsTakenWhereItIsOfTheSameKindAndDoes(): void
    {
        $choice = self::choice(['near' => 'wide', 'clip-14' => 'plate-30', 'bolt-6' => 'bolt-8', 'bolt-8' => 'bolt-6', 'fuse-5' => 'fuse-10']);
        self::assertSame('wide', $choice->band(FittingKind::Clamp, 15.0)?->id);
        self::assertSame('clip-14', $choice->forTube(FittingKind::Clip, 14.0, 0.5)?->id, 'A plate is no clip.');
        self::assertSame('bolt-8', $choice->fixing(FittingKind::Bolt, 250.0)?->id);
        self::assertSame('bolt-8', $choice->fixing(FittingKind::Bolt, 300.0)?->id, 'The other holds too little.');
        self::assertSame('fuse-5', $choice->fuse(5.0)?->id, 'A fuse is chosen for its wire.');
    }

    /** @param array<string, string> $instead */
    private static function choice(array $instead): FittingChoice
    {
        $documents = array_map(static fn (array $one): array => [
            'id' => $one[0],
            'name' => $one[0],
            'kind' => $one[1],
            'sold' => \in_array($one[1], ['cable', 'insulation'], true) ? 'metre' : 'piece',
            'weight_kg' => 0.1,
            'price' => 1,
            'figures' => $one[2],
        ], self::FITTINGS);
        $stock = new PartStock([], null, static fn (): array => FittingStock::fromJson(json_encode(['fittings' => $documents], \JSON_THROW_ON_ERROR)));
        $plan = SamplePlans::fellside();
        $substitutes = array_map(static fn (string $item, string $other): PlannedSubstitute => new PlannedSubstitute($item, $other), array_keys($instead), $instead);

        return FittingChoice::in(Workings::over(PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['substitutes' => $substitutes])]), $stock));
    }
}
