<?php

declare(strict_types=1);

namespace YardCask\Server\Archive;

use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Record\KeptRecord;
use YardCask\Core\Record\Record;
use YardCask\Core\Record\RecordsCsv;
use YardCask\Core\Record\Uuid;

/** A plan with its records and photographs as a ZIP: plan.json, records.csv and photos/UUID.jpg. */
final class Archive
{
    public const MOST_BYTES = 80 * 1024 * 1024;
    private const MOST_PHOTOS = 1000;
    private const PLAN = 'plan.json';
    private const RECORDS = 'records.csv';
    /** The largest that each may be once it is unpacked, in bytes: what is smaller in the file may be anything. */
    private const MOST_PLAN = 512 * 1024;
    private const MOST_RECORDS = 20 * 1024 * 1024;
    private const MOST_PHOTO = 1024 * 1024;

    /** @param list<string> $photos the UUIDs of its photographs */
    private function __construct(
        private readonly \ZipArchive $zip,
        private readonly array $photos,
    ) {
    }

    /**
     * @param list<KeptRecord> $records
     * @param iterable<string, string> $photos JPEGs by their UUIDs
     *
     * @return string the name of a file that is the caller's to remove
     */
    public static function write(Plan $plan, array $records, iterable $photos): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'yardcask');
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::OVERWRITE);
        $zip->addFromString(self::PLAN, $plan->toJson());
        $zip->addFromString(self::RECORDS, RecordsCsv::write($records));
        foreach ($photos as $uuid => $jpeg) {
            $zip->addFromString(self::photo($uuid), $jpeg);
            // A photograph is as small as it gets.
            $zip->setCompressionName(self::photo($uuid), \ZipArchive::CM_STORE);
        }
        $zip->close();

        return $file;
    }

    /** @throws InvalidInput when it is no archive, or holds what has no place in it */
    public static function open(string $file): self
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($file, \ZipArchive::RDONLY)) {
            throw InvalidInput::at('', 'This is not a ZIP archive, or it is damaged.');
        }
        $photos = [];
        for ($index = 0; $index < $zip->numFiles; ++$index) {
            $name = (string) $zip->getNameIndex($index);
            if (\in_array($name, [self::PLAN, self::RECORDS, 'photos/'], true)) {
                continue;
            }
            $uuid = substr($name, 7, 36);
            if ($name !== self::photo($uuid) || !Uuid::is($uuid)) {
                throw InvalidInput::at('', \sprintf('“%s” has no place in this archive: it holds plan.json, records.csv and photos/UUID.jpg.', $name));
            }
            $photos[] = $uuid;
        }
        if (\count($photos) > self::MOST_PHOTOS) {
            throw InvalidInput::at('', \sprintf('An archive holds %d photographs at most.', self::MOST_PHOTOS));
        }

        return new self($zip, $photos);
    }

    public function plan(): Plan
    {
        return Plan::fromJson($this->entry(self::PLAN, self::MOST_PLAN) ?? throw InvalidInput::at('', 'There is no plan.json in this archive.'));
    }

    /** @return list<Record> in the order in which they were received */
    public function records(): array
    {
        $table = $this->entry(self::RECORDS, self::MOST_RECORDS);

        return null === $table ? [] : RecordsCsv::read($table);
    }

    /** @return iterable<string, string> JPEGs by their UUIDs, one at a time */
    public function photos(): iterable
    {
        foreach ($this->photos as $uuid) {
            yield $uuid => $this->entry(self::photo($uuid), self::MOST_PHOTO) ?? '';
        }
    }

    /** What is written there, whatever the archive says of its size; null where it is not there. */
    private function entry(string $name, int $mostBytes): ?string
    {
        $stream = $this->zip->getStream($name);
        if (false === $stream) {
            return null;
        }
        $text = (string) stream_get_contents($stream, $mostBytes + 1);
        fclose($stream);
        if (\strlen($text) > $mostBytes) {
            throw InvalidInput::at('', \sprintf('%s is too large: it may have %d kB when it is unpacked.', $name, $mostBytes / 1024));
        }

        return $text;
    }

    private static function photo(string $uuid): string
    {
        return 'photos/'.$uuid.'.jpg';
    }
}
