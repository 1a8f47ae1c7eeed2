<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use Opis\JsonSchema\Validator;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Server\Catalogue\CatalogueFiles;

/** The parts of lines, the systems, and what is done to a line. */
final class LineTest extends ApiTestCase
{
    public function testTheSizesInThePartsNamesAreInTheUnitsAskedFor(): void
    {
        $names = fn (string $query): array => array_column($this->send('GET', '/api/parts'.$query)->parts, 'name');

        self::assertContains('Pressure pump, 7 L/min', $names(''));
        $american = str_replace("\u{00A0}", ' ', $names('?volume=US%20gal&pressure=psi&temperature=%C2%B0F'));
        self::assertContains('Pressure pump, 1.8 US gal/min', $american);
        self::assertContains('Accumulator, 0.5 US gal', $american);
        self::assertContains('Pressure regulator, 30.5 psi', $american);
        self::assertContains('Ball valve, 12 mm', $american);
        $this->send('GET', '/api/parts?volume=firkin');
        $this->assertStatus(422);
    }

    public function testThePartsThatCanBeHadAreThere(): void
    {
        $catalogue = $this->send('GET', '/api/parts');
        $this->assertStatus(200);
        self::assertGreaterThanOrEqual(140, \count($catalogue->parts));
        self::assertGreaterThanOrEqual(15, \count($catalogue->pipes));
        self::assertGreaterThanOrEqual(30, \count(array_unique(array_column($catalogue->parts, 'kind'))));
    }

    public function testTheCatalogueIsTheSameFromTheCache(): void
    {
        $cached = self::getContainer()->get(CatalogueFiles::class);
        self::assertInstanceOf(CatalogueFiles::class, $cached);
        $fresh = new CatalogueFiles(__DIR__.'/../../catalogue');
        self::assertEquals($fresh->parts(), $cached->parts());
        self::assertEquals($fresh->parts(), $cached->parts(), 'The second time it comes from there.');
    }

    public function testEverySystemTypeIsOfferedAsItWouldBeInThePlan(): void
    {
        $offer = $this->send('POST', '/api/systems', self::fellside());
        $this->assertStatus(200);
        $schema = Json::decode((string) file_get_contents(__DIR__.'/../../schema/system-offer.schema.json'));
        foreach ($offer->systems as $system) {
            self::assertTrue((new Validator())->validate($system, $schema)->isValid());
        }
        self::assertSame(array_column(SystemType::cases(), 'value'), array_column($offer->systems, 'system'));
        // Fellside has one fresh tank: none stands high above another.
        self::assertFalse(isset(array_column($offer->systems, null, 'system')['gravity']->patch));
    }

    public function testEveryTwoOutletsAreOpenedTogether(): void
    {
        $table = $this->send('POST', '/api/line-pairs', self::fellside());
        $this->assertStatus(200);
        self::assertTrue(
            (new Validator())->validate($table, Json::decode((string) file_get_contents(__DIR__.'/../../schema/pair-table.schema.json')))->isValid(),
        );
        self::assertSame(['Shower', 'Galley mixer', 'Basin tap', 'Boot hose'], array_column($table->rows, 'name'));
        self::assertSame(
            [true, false],
            [$table->rows[0]->with[0]->enough, $table->rows[0]->with[1]->enough],
            'The shower has enough alone, and not with the galley.',
        );
        $this->send('POST', '/api/line-pairs', '{}');
        $this->assertStatus(422);
    }

    public function testEachOutletIsOpenedAtItsWorstAndAtItsBest(): void
    {
        $outlets = $this->send('POST', '/api/line-extremes', self::fellside())->outlets;
        $this->assertStatus(200);
        $schema = Json::decode((string) file_get_contents(__DIR__.'/../../schema/outlet-extremes.schema.json'));
        foreach ($outlets as $one) {
            self::assertTrue((new Validator())->validate($one, $schema)->isValid());
        }
        $drawn = $this->send('POST', '/api/drawing?stage=line', self::fellside())->drawing->outlets;
        self::assertSame(array_column($drawn, 'id'), array_column($outlets, 'outlet'));
    }

    public function testAnEditIsGivenAsAPatchAndARefusalAtItsPlace(): void
    {
        $plan = Json::decode(self::fellside());
        $edit = static fn (array $edit): string => Json::encode(['edit' => $edit, 'plan' => $plan]);
        $done = $this->send('POST', '/api/line-edits', $edit(['do' => 'turn', 'part' => 'strainer-1']));
        $this->assertStatus(200);
        self::assertSame(['test', 'replace'], array_column($done->patch, 'op'));
        self::assertFalse($done->patch[1]->value->reversed);
        foreach (['/part' => ['do' => 'turn', 'part' => 'nobody'], '/do' => ['do' => 'paint']] as $pointer => $wrong) {
            $problem = $this->send('POST', '/api/line-edits', $edit($wrong));
            $this->assertStatus(422);
            self::assertSame($pointer, $problem->violations[0]->pointer);
        }
        foreach (['{}', '[]', '{"edit":7,"plan":null}', 'null'] as $body) {
            $this->send('POST', '/api/line-edits', $body);
            $this->assertStatus(422);
        }
    }

    public function testAPlanBeginsWithTheLineOfItsSystemType(): void
    {
        $begun = $this->send('POST', '/api/plans', '{"crew":2,"stay":"wild","habit":"ordinary","days":3,"rig":"van","system":"mains"}');
        $this->assertStatus(201);
        self::assertSame('mains', $begun->plan->line->system);
        self::assertNotSame([], Plan::read($begun->plan)->line->parts);
        $this->send('POST', '/api/plans', '{"crew":2,"stay":"wild","habit":"ordinary","days":3,"rig":"van","system":"abacus"}');
        $this->assertStatus(422);
    }

    public function testAPartOfOnesOwnIsOfferedUntilItIsLetGoAndGoesOutAndInAsATable(): void
    {
        $plan = Json::decode(self::fellside());
        $kept = $this->send('POST', '/api/own-parts', Json::encode(['part' => 'pressure-pump-1', 'plan' => $plan]))->parts[0];
        $this->assertStatus(201);
        $ids = fn (): array => array_column($this->send('GET', '/api/parts')->parts, 'id');
        self::assertContains('own-'.$kept->id, $ids());
        $this->browser->request('GET', '/api/own-parts.csv');
        $csv = (string) $this->browser->getResponse()->getContent();
        self::assertStringContainsString('curve=0:420,4:310,9:110,11.3:0', $csv);
        // Of the same name it is the same part, with other figures; of another name another one.
        $again = $this->send('POST', '/api/own-parts/table', Json::encode(['text' => str_replace('curve=0:420,', 'curve=0:410,', $csv)]))->parts;
        $this->assertStatus(201);
        self::assertEquals([$kept], $again);
        $this->browser->request('GET', '/api/own-parts.csv');
        self::assertStringContainsString('curve=0:410,4:310,9:110,11.3:0', (string) $this->browser->getResponse()->getContent());
        $again = $this->send('POST', '/api/own-parts/table', Json::encode(['text' => str_replace($kept->name, 'Second pump', $csv)]))->parts[0];
        $this->assertStatus(201);
        self::assertNotSame($kept->id, $again->id);
        $swapped = $this->send(
            'POST',
            '/api/line-edits',
            Json::encode(['edit' => ['do' => 'swap', 'part' => 'pressure-pump-1', 'stock' => 'own-'.$again->id], 'plan' => $plan]),
        );
        self::assertEquals(array_column($plan->line->parts, null, 'id')['pressure-pump-1']->figures, $swapped->patch[1]->value->figures);
        foreach ([$kept->id, $again->id, $again->id] as $id) {
            $this->send('DELETE', '/api/own-parts/'.$id);
            $this->assertStatus(204);
        }
        self::assertNotContains('own-'.$kept->id, $ids());
    }

    public function testWhatIsRememberedOfAPartOfOnesOwnIsForgottenWhenItChanges(): void
    {
        self::assertTrue(apcu_enabled());
        $plan = Json::decode(self::fellside());
        $kept = $this->send('POST', '/api/own-parts', Json::encode(['part' => 'pressure-pump-1', 'plan' => $plan]))->parts[0];
        $pump = array_column($plan->line->parts, null, 'id')['pressure-pump-1'];
        $pump->stock = 'own-'.$kept->id;
        $changed = fn (): array => array_values(array_filter(
            $this->send('POST', '/api/assess?stage=line', Json::encode($plan))->findings,
            static fn (\stdClass $one): bool => 'line.stock-changed' === $one->code,
        ));
        self::assertSame([], $changed());
        self::assertSame([], $changed());
        $this->browser->request('GET', '/api/own-parts.csv');
        $csv = (string) $this->browser->getResponse()->getContent();
        $this->send('POST', '/api/own-parts/table', Json::encode(['text' => str_replace('curve=0:420,', 'curve=0:410,', $csv)]));
        self::assertSame([['pressure-pump-1']], array_column($changed(), 'subject'));
        $this->send('DELETE', '/api/own-parts/'.$kept->id);
        self::assertStringContainsString('is not in the catalogue', $changed()[0]->title);
    }

    public function testALineOfATableThatIsNotUnderstoodIsNamed(): void
    {
        $table = "name,kind,rating_kpa,rating_c,food_grade,weight_kg,price,figures\nGrey tap,tap,600,60,perhaps,0.4,17,open_lpm=5 least_lpm=2 most_lpm=4 least_kpa=0\nBlue tap,tap,600\nRed tap,spigot,600,60,yes,0.4,17,";
        $problem = $this->send('POST', '/api/own-parts/table', Json::encode(['text' => $table]));
        $this->assertStatus(422);
        $said = implode(' ', array_column($problem->violations, 'message'));
        foreach (['Line 2, food_grade', 'Line 3 must have 9 columns', 'Line 4, kind'] as $words) {
            self::assertStringContainsString($words, $said);
        }
        foreach (['{"text":""}', '{}', '{"text":7}'] as $body) {
            $this->send('POST', '/api/own-parts/table', $body);
            $this->assertStatus(422);
        }
        $this->send('POST', '/api/own-parts', Json::encode(['part' => 'nobody', 'plan' => Json::decode(self::fellside())]));
        $this->assertStatus(422);
    }
}
