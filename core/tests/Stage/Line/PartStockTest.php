<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Catalogue\PartFile;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Tests\SamplePlans;

/** The parts that can be had, from a catalogue and from what somebody keeps beside it. */
final class PartStockTest extends TestCase
{
    private const OWN = '{"parts":[{"id":"own-1","name":"Moss tap","kind":"tap","rating_kpa":600,"rating_c":60,"food_grade":true,"weight_kg":0.4,"price":17,"figures":{"family":"outlet","open_lpm":5,"least_lpm":2,"most_lpm":4,"least_kpa":0},"ends":[]}]}';

    public function testALaterFileIsOpenedOnlyForWhatTheEarlierHasNot(): void
    {
        /** @var \ArrayObject<int, string> $opened */
        $opened = new \ArrayObject();
        $file = static fn (string $name, string $json): \Closure => static function () use ($opened, $name, $json): PartFile {
            $opened[] = $name;

            return PartFile::divided($json);
        };
        $stock = new PartStock([$file('catalogue', self::catalogue()), $file('own', self::OWN)]);
        self::assertSame([], $opened->getArrayCopy());
        self::assertSame('Galley tap', $stock->part('tap-galley')?->name);
        self::assertSame('Clear hose, 12 mm', $stock->pipe('hose-12')?->name);
        self::assertFalse($stock->isEmpty());
        self::assertSame(['catalogue'], $opened->getArrayCopy());
        self::assertSame('Moss tap', $stock->part('own-1')?->name);
        self::assertNull($stock->part('nobody'));
        self::assertSame(['catalogue', 'own'], $opened->getArrayCopy(), 'Each is opened once.');
        self::assertSame($stock->part('own-1'), $stock->part('own-1'), 'Each part is read once.');
    }

    public function testThePartsOfAKindComeInTheOrderOfTheFiles(): void
    {
        $stock = new PartStock([static fn (): PartFile => PartFile::divided(self::catalogue()), static fn (): PartFile => PartFile::divided(self::OWN)]);
        $taps = array_column($stock->parts(PartKind::Tap), 'id');
        self::assertSame('own-1', $taps[\count($taps) - 1]);
        self::assertSame([], array_filter($stock->parts(PartKind::Tap), static fn ($part): bool => PartKind::Tap !== $part->kind));
        self::assertCount(\count(PartFile::divided(self::catalogue())->parts) + 1, $stock->parts());
        self::assertSame(array_keys(PartFile::divided(self::catalogue())->pipes), array_column($stock->pipes(), 'id'));
        self::assertTrue(PartStock::none()->isEmpty());
    }

    public function testWhatIsNoPartIsSaidWhenItIsAskedFor(): void
    {
        $stock = new PartStock([static fn (): PartFile => PartFile::divided(str_replace('"rating_kpa":600', '"rating_kpa":"much"', self::OWN))]);
        self::assertFalse($stock->isEmpty());
        try {
            $stock->part('own-1');
            self::fail('It is no part.');
        } catch (InvalidInput $e) {
            self::assertSame(['/rating_kpa'], array_column($e->errors, 'pointer'));
        }
        $this->expectException(InvalidInput::class);
        PartFile::divided('{"parts":[{"name":"Without an id"}]}');
    }

    public function testEachUsualPartIsThereOnceForEachBore(): void
    {
        $file = PartFile::divided(self::catalogue());
        self::assertEqualsCanonicalizing(array_column(UsualFor::cases(), 'value'), array_keys($file->usual));
        foreach ($file->usual as $use => $all) {
            // For one bore there may be one for a hose and one for a pipe that is crimped.
            $bores = array_column($all, 1);
            $ends = array_map(static fn (array $one): string => (string) $one[1].strtok((string) strstr($file->parts[$one[0]][1] ?? '', '"ends":'), ','), $all);
            self::assertSame(array_unique($ends), $ends, $use);
            self::assertTrue(1 === \count($all) || !\in_array(null, $bores, true), $use.' is there for any bore and for one.');
        }
        $stock = new PartStock([static fn (): PartFile => $file]);
        foreach (UsualFor::cases() as $use) {
            self::assertNotNull($stock->usual($use) ?? $stock->usualPipe($use), $use->value);
        }
    }

    public function testTheUsualPartIsTheNearestToTheBoreOfItsPipe(): void
    {
        $stock = new PartStock([static fn (): PartFile => PartFile::divided(self::catalogue())]);
        $ids = [];
        foreach ([6, 10, 13, 16, 20, 25] as $boreMm) {
            $tube = PartFields::changed($stock->pipe('hose-12')?->tube ?? self::fail('There is no such hose.'), ['boreMm' => (float) $boreMm, 'end' => null]);
            $ids[$boreMm] = $stock->usual(UsualFor::Tee, $tube)?->id;
        }
        self::assertSame([6 => 'push-tee-12', 10 => 'tee-10', 13 => 'tee-12', 16 => 'tee-15', 20 => 'tee-20', 25 => 'tee-20'], $ids);
        foreach (['hose-12' => 'tee-12', 'pipe-cross-16' => 'tee-crimp-16', 'tube-push-12' => 'push-tee-12', 'hose-20' => 'tee-20'] as $pipe => $tee) {
            self::assertSame($tee, $stock->usual(UsualFor::Tee, $stock->pipe($pipe)?->tube)?->id);
        }
        self::assertNull(PartStock::none()->usual(UsualFor::Tee));
        self::assertNull(PartStock::none()->usualPipe(UsualFor::Hose));
    }

    private static function catalogue(): string
    {
        return (string) file_get_contents(SamplePlans::CATALOGUE.'parts.json');
    }
}
