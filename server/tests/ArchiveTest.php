<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use PHPUnit\Framework\Attributes\DataProvider;

/** A plan with all that was recorded of it in one file: given out, and taken in as a new plan. */
final class ArchiveTest extends ApiTestCase
{
    private const PHOTO = '00000000-0000-4000-8000-0000000000aa';
    private const FIRST = '00000000-0000-4000-8000-000000000001';

    public function testComesBackWholeUnderUuidsOfItsOwnAsOftenAsItIsTakenIn(): void
    {
        $path = '/api/plans/'.$this->send('POST', '/api/plans/import', self::fellside())->id;
        $this->browser->request('PUT', $path.'/photos/'.self::PHOTO, [], [], ['CONTENT_TYPE' => 'image/jpeg'], self::jpeg());
        $this->assertStatus(201);
        $this->record($path, 1, ['note' => ['text' => "=1+1, \"quoted\"\n'and more", 'photo' => self::PHOTO], 'part' => 'tail', 'part_name' => 'Tail tank']);
        $this->record($path, 2, ['note' => ['text' => 'Corrected', 'photo' => self::PHOTO], 'replaces' => self::FIRST]);
        $this->record($path, 3, ['note' => ['text' => 'Wrong']]);
        $this->record($path, 4, ['replaces' => '00000000-0000-4000-8000-000000000003', 'retracts' => true]);
        $archive = $this->archive($path);

        foreach ([1, 2] as $time) {
            $taken = $this->takeIn($archive);
            $this->assertStatus(201);
            $there = '/api/plans/'.$taken->id;
            self::assertEquals($this->send('GET', $path)->plan, $taken->plan);
            $kept = $this->send('GET', $there.'/records')->records;
            self::assertCount(1, $kept);
            self::assertSame('Corrected', $kept[0]->record->note->text);
            self::assertNotSame(self::PHOTO, $kept[0]->record->note->photo);
            $this->send('GET', $there.'/photos/'.$kept[0]->record->note->photo);
            $this->assertStatus(200);
            // All that was received, also what no longer counts.
            $plain = static fn (array $rows): array => array_map(static fn (array $row): array => [$row[2], $row[3], $row[4], $row[7], $row[10], $row[11]], $rows);
            self::assertSame($plain($this->rows($path)), $plain($this->rows($there)), 'time '.$time);
        }
    }

    /** @return iterable<string, array{array<string, string>, string}> what an archive holds, and a part of the reason */
    public static function refused(): iterable
    {
        $plan = self::fellside();
        $head = "number,uuid,kind,part,part_name,revision,fingerprint,happened_at,received_at,replaces,retracts,text,photo\r\n";
        $row = static fn (string $uuid, string $replaces): string => "1,$uuid,note,,,1,,2026-06-01T08:00:00Z,2026-06-01T08:00:00Z,$replaces,no,Seen,\r\n";
        yield 'no plan' => [['records.csv' => $head], 'no plan.json'];
        yield 'a plan that is none' => [['plan.json' => '{"format":"another"}'], 'not a plan'];
        yield 'a way out of its folder' => [['plan.json' => $plan, 'photos/../../../etc/cron.d/x' => 'x'], 'has no place'];
        yield 'a file from the root' => [['plan.json' => $plan, '/etc/passwd' => 'x'], 'has no place'];
        yield 'another file' => [['plan.json' => $plan, 'photos/evil.php' => '<?php'], 'has no place'];
        yield 'a photograph that is none' => [['plan.json' => $plan, 'photos/'.self::PHOTO.'.jpg' => '<?php system(1);'], 'not a JPEG'];
        yield 'a bomb' => [['plan.json' => str_repeat(' ', 60_000_000)], '512 kB when it is unpacked'];
        yield 'a table without its heading' => [['plan.json' => $plan, 'records.csv' => "a,b\r\n"], 'must begin with the heading'];
        yield 'a row too short' => [['plan.json' => $plan, 'records.csv' => $head."1,2,3\r\n"], 'Record 1'];
        yield 'a record of nothing' => [['plan.json' => $plan, 'records.csv' => $head.$row('no-uuid', '')], 'Record 1, uuid'];
        yield 'in the place of nothing' => [['plan.json' => $plan, 'records.csv' => $head.$row(self::FIRST, self::PHOTO)], 'does not come before it'];
        yield 'bytes that are no text' => [['plan.json' => $plan, 'records.csv' => "\xFF\xFE"], 'UTF-8'];
    }

    /** @param array<string, string> $files */
    #[DataProvider('refused')]
    public function testWhatIsNoSuchArchiveIsRefusedAndLeavesNothing(array $files, string $part): void
    {
        $before = \count($this->send('GET', '/api/plans')->plans);
        $this->takeIn(self::zip($files));
        $this->assertProblem(422, $part);
        self::assertCount($before, $this->send('GET', '/api/plans')->plans);
    }

    public function testWhatIsNoZipIsRefused(): void
    {
        $this->takeIn('PK this is not one');
        $this->assertProblem(422, 'not a ZIP');
        $this->browser->request('POST', '/api/plans/archive', [], [], ['CONTENT_TYPE' => 'text/plain'], 'x');
        $this->assertProblem(415, 'application/zip');
    }

    /** @param array<string, mixed> $of the record, without what every one has */
    private function record(string $path, int $number, array $of): void
    {
        $uuid = '00000000-0000-4000-8000-00000000000'.$number;
        $body = json_encode($of + ['uuid' => $uuid, 'kind' => 'note', 'revision' => 1, 'happened_at' => '2026-06-0'.$number.'T08:00:00Z']);
        $this->send('PUT', $path.'/records/'.$uuid, (string) $body);
        $this->assertStatus(201);
    }

    private function archive(string $path): string
    {
        $this->browser->request('GET', $path.'/archive.zip');
        $this->assertStatus(200);

        return $this->browser->getInternalResponse()->getContent();
    }

    private function takeIn(string $archive): mixed
    {
        $this->browser->request('POST', '/api/plans/archive', [], [], ['CONTENT_TYPE' => 'application/zip'], $archive);

        return json_decode((string) $this->browser->getResponse()->getContent(), false);
    }

    /** @return list<list<string|null>> the table of all that was received, without its heading */
    private function rows(string $path): array
    {
        $this->send('GET', $path.'/records.csv');
        $file = fopen('php://memory', 'r+');
        self::assertIsResource($file);
        fwrite($file, (string) $this->browser->getResponse()->getContent());
        rewind($file);
        $rows = [];
        while (\is_array($row = fgetcsv($file, null, ',', '"', ''))) {
            $rows[] = $row;
        }

        return \array_slice($rows, 1);
    }

    /** @param array<string, string> $files */
    private static function zip(array $files): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'archive');
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::OVERWRITE);
        foreach ($files as $name => $text) {
            $zip->addFromString($name, $text);
        }
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }

    private static function jpeg(): string
    {
        $image = imagecreatetruecolor(64, 48);
        self::assertInstanceOf(\GdImage::class, $image);
        ob_start();
        imagejpeg($image);

        return (string) ob_get_clean();
    }
}
