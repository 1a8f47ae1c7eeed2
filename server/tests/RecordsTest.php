<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use YardCask\Core\Input\Json;
use YardCask\Core\Record\KeptRecord;
use YardCask\Core\Record\Record;
use YardCask\Core\Record\Records;
use YardCask\Server\Storage\RecordStore;

/** What is recorded about a plan: once, for good, and by order of receipt. */
final class RecordsTest extends ApiTestCase
{
    private const FIRST = '00000000-0000-4000-8000-000000000001';
    private const SECOND = '00000000-0000-4000-8000-000000000002';
    private const THIRD = '00000000-0000-4000-8000-000000000003';

    private string $path;

    protected function setUp(): void
    {
        parent::setUp();
        $this->path = '/api/plans/'.$this->send('POST', '/api/plans/import', self::fellside())->id;
    }

    public function testOneIsTakenInOnce(): void
    {
        $kept = $this->note(self::FIRST, 'The lid weeps.');
        $this->assertStatus(201);
        self::assertSame('The lid weeps.', $kept->record->note->text);
        self::assertEquals($kept, $this->note(self::FIRST, 'The lid weeps.'));
        $this->assertStatus(200);
        self::assertCount(1, $this->listed());
        $this->note(self::FIRST, 'The lid is dry.');
        $this->assertProblem(409, 'never changed');
        $other = '/api/plans/'.$this->send('POST', '/api/plans/import', self::fellside())->id;
        $this->send('PUT', $other.'/records/'.self::FIRST, self::body(self::FIRST, 'The lid weeps.'));
        $this->assertProblem(409, 'never changed');
    }

    public function testAChangeStandsInItsPlaceAndTheLastReceivedCounts(): void
    {
        $this->note(self::FIRST, 'As written');
        $this->note(self::SECOND, 'Changed on the phone, whose clock is a day behind', ['replaces' => self::FIRST, 'happened_at' => '2026-05-01T08:00:00Z']);
        $this->note(self::THIRD, 'Changed at the desk', ['replaces' => self::FIRST]);
        self::assertSame(['Changed at the desk'], $this->listed());
        $fourth = '00000000-0000-4000-8000-000000000004';
        $this->note($fourth, 'Changed again', ['replaces' => self::SECOND]);
        self::assertSame(['Changed again'], $this->listed());
        $this->send('PUT', $this->path.'/records/00000000-0000-4000-8000-000000000005', self::body('00000000-0000-4000-8000-000000000005', null, ['replaces' => $fourth, 'retracts' => true]));
        $this->assertStatus(201);
        self::assertSame([], $this->listed());
        self::assertCount(6, explode("\r\n", trim($this->csv())), 'All that was received is kept.');
    }

    public function testAreListedByWhenTheyHappenedAndFoundByPartAndWords(): void
    {
        $this->note(self::FIRST, "100 % full, he said: \"brim\"\nThen it rained.", ['happened_at' => '2026-06-03T08:00:00Z', 'part' => 'tail', 'part_name' => 'Tail tank']);
        $this->note(self::SECOND, 'Pump runs on', ['happened_at' => '2026-06-05T08:00:00Z', 'part' => 'pump', 'part_name' => 'Pressure pump']);
        self::assertSame(['Pump runs on', "100 % full, he said: \"brim\"\nThen it rained."], $this->listed());
        foreach (['part=pump' => 1, 'part=nothing' => 0, 'words=%25 full' => 1, 'words=%25' => 1, 'words=_' => 0, 'words=happened' => 0, 'words=tail tank' => 1, 'words="brim"%0AThen' => 1, 'words=RAIN' => 1, 'kind=note' => 2, 'page=1' => 0] as $asked => $count) {
            $page = $this->send('GET', $this->path.'/records?'.$asked);
            self::assertCount($count, $page->records, $asked);
        }
        self::assertSame(2, $this->send('GET', $this->path.'/records?page=1')->total);
        foreach (['kind=leak', 'page=-1', 'page=x', 'part[]=a'] as $asked) {
            $this->send('GET', $this->path.'/records?'.$asked);
            $this->assertProblem(422, 'wanted here');
        }
    }

    public function testRecordingMakesNoRevisionAndFollowsNoCopy(): void
    {
        $this->note(self::FIRST, 'Seen');
        self::assertSame(1, $this->send('GET', $this->path)->revision);
        $copy = $this->send('POST', $this->path.'/copy');
        self::assertSame([], $this->send('GET', '/api/plans/'.$copy->id.'/records')->records);
        $plan = $this->send('GET', $this->path)->plan;
        $plan->name = 'Renamed';
        $this->send('PUT', $this->path, json_encode($plan), ['If-Match' => '"1"']);
        $this->send('POST', $this->path.'/revisions/1/restore', null, ['If-Match' => '"2"']);
        self::assertSame(['Seen'], $this->listed());
        $this->send('DELETE', $this->path);
        $this->send('GET', $this->path.'/records');
        $this->assertProblem(404, 'no plan');
        $this->note(self::SECOND, 'Too late');
        $this->assertProblem(404, 'no plan');
        $this->send('POST', $this->path.'/undelete');
        self::assertSame(['Seen'], $this->listed());
    }

    public function testWhatFindingsNeedIsTheSameWhereverItIsWorkedOut(): void
    {
        mt_srand(7);
        $store = self::getContainer()->get(RecordStore::class);
        $id = basename($this->path);
        self::assertEquals(Records::none(), $store->forFindings($id));
        $known = ['note' => [], 'purchase' => [], 'cut' => [], 'offcuts' => []];
        for ($number = 1; $number <= 150; ++$number) {
            $uuid = \sprintf('00000000-0000-4000-8000-%012d', $number);
            $kind = ['note', 'note', 'purchase', 'cut', 'offcuts'][mt_rand(0, 4)];
            $uuids = $known[$kind];
            $replaces = [] !== $uuids && mt_rand(0, 1) > 0 ? ['replaces' => $uuids[array_rand($uuids)]] : [];
            $retracts = [] !== $replaces && 0 === mt_rand(0, 3) ? ['retracts' => true] : [];
            $part = ['', 'tail', 'gone', 'Gone', 'tank-1'][mt_rand('note' === $kind ? 0 : 1, 4)];
            $more = ['happened_at' => \sprintf('2026-06-%02dT08:%02d:00Z', mt_rand(1, 28), $number % 60)] + $replaces + $retracts;
            $said = ['purchase' => ['amount' => mt_rand(0, 9)], 'cut' => ['length_m' => mt_rand(1, 9)], 'offcuts' => ['lengths_m' => [mt_rand(1, 9)]]];
            $more += 'note' === $kind || [] !== $retracts ? [] : [$kind => $said[$kind]];
            $more += ['kind' => $kind];
            $this->note($uuid, [] === $retracts && 'note' === $kind ? 'Seen' : null, '' === $part ? $more : $more + ['part' => $part, 'part_name' => "Name $number"]);
            $this->assertStatus(201);
            $known[$kind][] = $uuid;
        }
        $received = array_map(static fn (KeptRecord $kept): Record => $kept->record, $store->all($id));
        self::assertCount(150, $received);
        self::assertEquals(Records::of($received), $store->forFindings($id));
        self::assertEquals(Records::none(), $store->forFindings('aaaaaaaaaaaa'));
    }

    public function testAnAssessmentTakesThemIntoAccountFromTheStoreAndFromAnArchive(): void
    {
        $this->note(self::FIRST, 'Weeps', ['part' => 'gone', 'part_name' => 'Nose tank']);
        $codes = static fn (\stdClass $assessment): array => array_values(array_filter(array_column($assessment->findings, 'code'), static fn (string $code): bool => str_starts_with($code, 'use.note-')));
        self::assertSame([], $codes($this->send('POST', '/api/assess?stage=use', self::fellside())));
        self::assertSame(['use.note-orphaned'], $codes($this->send('POST', '/api/assess?stage=use&recorded='.basename($this->path), self::fellside())));
        $this->browser->request('GET', $this->path.'/archive.zip');
        $zip = (string) $this->browser->getInternalResponse()->getContent();
        $this->browser->request('POST', '/api/assess-archive', [], [], ['CONTENT_TYPE' => 'application/zip'], $zip);
        $this->assertStatus(200);
        self::assertSame(['use.note-orphaned'], $codes(json_decode((string) $this->browser->getResponse()->getContent(), false)));
        $file = tempnam(sys_get_temp_dir(), 'yardcask').'.zip';
        file_put_contents($file, $zip);
        $assess = static function (string $at) use ($file): string {
            $console = new CommandTester((new Application(self::$kernel))->find('yardcask:assess'));
            $console->execute(['file' => $file, '--at' => $at]);

            return $console->getDisplay();
        };
        self::assertSame(['use.note-orphaned'], $codes(json_decode($assess('2026-06-02T08:00:00Z'), false)));
        self::assertSame(['use.note-orphaned', 'use.note-ahead'], $codes(json_decode($assess('2026-05-02T08:00:00Z'), false)));
        self::assertSame($assess('2026-05-02T08:00:00Z'), $assess('2026-05-02T08:00:00Z'));
        self::assertStringContainsString('a time in UTC', $assess('yesterday'));
        unlink($file);
    }

    public function testOfAPurchaseTheLastThatWasReceivedCountsAndNotesAreApart(): void
    {
        $this->note(self::FIRST, 'Seen');
        $this->bought(11, 'tap-basin', 1);
        $this->bought(12, 'tee-12', 3, ['happened_at' => '2026-06-02T08:00:00Z']);
        // By a clock that is behind.
        $this->bought(13, 'tee-12', 2);
        $this->bought(14, 'pump-11', 1);
        $this->bought(15, 'pump-11', 0, ['replaces' => '00000000-0000-4000-8000-000000000014', 'retracts' => true, 'purchase' => null]);
        $plan = Json::encode($this->send('GET', $this->path)->plan);
        $shops = $this->send('POST', '/api/drawing?stage=parts&recorded='.basename($this->path), $plan)->drawing->shops;
        $rows = array_column(array_merge(...array_column($shops, 'rows')), 'have', 'key');
        self::assertSame([1, 0], [$rows['tap-basin'] ?? null, $rows['pump-11'] ?? null]);
        $extra = $this->send('POST', '/api/drawing?stage=parts&recorded='.basename($this->path), $plan)->drawing->extra;
        self::assertSame([['tee-12', 2]], array_map(static fn (\stdClass $one): array => [$one->key, $one->have], $extra));
        self::assertSame(['Seen'], array_map(static fn (\stdClass $kept): string => $kept->record->note->text, $this->send('GET', $this->path.'/records?kind=note')->records));
        self::assertSame(3, $this->send('GET', $this->path.'/records?kind=purchase')->total);
        // The table that goes out is read again.
        $this->send('POST', '/api/shopping.csv?recorded='.basename($this->path), $plan);
        $table = (string) $this->browser->getResponse()->getContent();
        $read = $this->send('POST', '/api/shopping-table', Json::encode(['text' => $table]))->purchases;
        self::assertSame([['tap-basin', 1]], array_map(static fn (\stdClass $one): array => [$one->item, $one->purchase->amount], $read));
        $this->send('POST', '/api/shopping-table', '{"text":"item,have\r\ntee-12,two\r\n"}');
        $this->assertProblem(422, 'Line 2, have');
        foreach (['{}', '[]', '7', '{"text":["item"]}'] as $body) {
            $this->send('POST', '/api/shopping-table', $body);
            $this->assertStatus(422);
        }
    }

    public function testTheTableHoldsEveryCellAndNoFormula(): void
    {
        $this->note(self::FIRST, "=1+1\n\"quoted\", and more", ['part' => 'tail', 'part_name' => '@Tail']);
        $file = fopen('php://memory', 'r+');
        self::assertIsResource($file);
        fwrite($file, $this->csv());
        rewind($file);
        $heading = fgetcsv($file, null, ',', '"', '');
        $row = fgetcsv($file, null, ',', '"', '');
        self::assertIsArray($heading);
        self::assertIsArray($row);
        $cells = array_combine($heading, $row);
        self::assertSame(
            [self::FIRST, "'@Tail", "'=1+1\n\"quoted\", and more", 'no', '2026-06-01T08:00:00Z'],
            [$cells['uuid'], $cells['part_name'], $cells['text'], $cells['retracts'], $cells['happened_at']],
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what differs from a record, the place that is named */
    public static function refused(): iterable
    {
        yield 'nothing written' => [['note' => ['text' => '']], '/note/text'];
        yield 'blanks only' => [['note' => ['text' => " \n "]], '/note/text'];
        yield 'too long' => [['note' => ['text' => str_repeat('ü', 2001)]], '/note/text'];
        yield 'a control character' => [['note' => ['text' => "a\x07b"]], '/note/text'];
        yield 'a purchase of nothing' => [['kind' => 'purchase', 'note' => null, 'purchase' => ['amount' => 1]], '/part'];
        yield 'a purchase that does not say how much' => [['kind' => 'purchase', 'part' => 'tee-12', 'note' => null, 'purchase' => ['price' => 2]], '/purchase/amount'];
        yield 'a cut of nothing' => [['kind' => 'cut', 'note' => null, 'cut' => ['length_m' => 1]], '/part'];
        yield 'a cut of no length' => [['kind' => 'cut', 'part' => 'pipe-1', 'note' => null, 'cut' => ['length_m' => 0]], '/cut/length_m'];
        yield 'an offcut of no length' => [['kind' => 'offcuts', 'part' => 'hose-12', 'note' => null, 'offcuts' => ['lengths_m' => [1, 0]]], '/offcuts/lengths_m/1'];
        yield 'a note with a purchase' => [['purchase' => ['amount' => 1]], '/purchase'];
        yield 'no note' => [['note' => null], '/note'];
        yield 'an unknown kind' => [['kind' => 'leak'], '/kind'];
        yield 'no such day' => [['happened_at' => '2026-06-31T08:00:00Z'], '/happened_at'];
        yield 'a time without a zone' => [['happened_at' => '2026-06-01T08:00:00'], '/happened_at'];
        yield 'a clock that was never set' => [['happened_at' => '1970-01-01T00:00:00Z'], '/happened_at'];
        yield 'a revision before the first' => [['revision' => 0], '/revision'];
        yield 'in the place of nothing' => [['replaces' => self::SECOND], '/replaces'];
        yield 'in its own place' => [['replaces' => self::FIRST], '/replaces'];
        yield 'takes back nothing' => [['retracts' => true, 'note' => null], '/replaces'];
        yield 'another address' => [['uuid' => self::SECOND], '/uuid'];
        yield 'a key that nobody knows' => [['__proto__' => 1], '/__proto__'];
        yield 'a photograph that is a path' => [['note' => ['text' => 'x', 'photo' => '../../etc/passwd']], '/note/photo'];
    }

    /** @param array<string, mixed> $other */
    #[DataProvider('refused')]
    public function testWhatIsNoRecordIsRefusedWhereItIsWrong(array $other, string $pointer): void
    {
        $this->send('PUT', $this->path.'/records/'.self::FIRST, self::body(self::FIRST, 'Seen', $other));
        $this->assertProblem(422, '"pointer":"'.$pointer.'"');
        self::assertSame([], $this->listed());
    }

    /** @param array<string, mixed> $other than usual */
    private function bought(int $uuid, string $item, float $amount, array $other = []): void
    {
        $uuid = \sprintf('00000000-0000-4000-8000-%012d', $uuid);
        $this->note($uuid, null, $other + ['kind' => 'purchase', 'part' => $item, 'part_name' => $item, 'purchase' => ['amount' => $amount]]);
        $this->assertStatus(201);
    }

    /** @param array<string, mixed> $other than usual */
    private function note(string $uuid, ?string $text, array $other = []): mixed
    {
        return $this->send('PUT', $this->path.'/records/'.$uuid, self::body($uuid, $text, $other));
    }

    /** @param array<string, mixed> $other than usual; what is null is left out */
    private static function body(string $uuid, ?string $text, array $other = []): string
    {
        $record = $other + [
            'uuid' => $uuid,
            'kind' => 'note',
            'revision' => 1,
            'happened_at' => '2026-06-01T08:00:00Z',
            'note' => null === $text ? null : ['text' => $text],
        ];

        return json_encode(array_filter($record, static fn (mixed $one): bool => null !== $one), \JSON_THROW_ON_ERROR);
    }

    /** @return list<string> the texts of the notes that count */
    private function listed(): array
    {
        return array_map(static fn (\stdClass $kept): string => $kept->record->note->text, $this->send('GET', $this->path.'/records')->records);
    }

    private function csv(): string
    {
        $this->send('GET', $this->path.'/records.csv');
        $this->assertStatus(200);

        return (string) $this->browser->getResponse()->getContent();
    }
}
