<?php

declare(strict_types=1);

namespace YardCask\Server\Archive;

use Doctrine\ORM\EntityManagerInterface;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Record\Record;
use YardCask\Core\Record\Uuid;
use YardCask\Server\Entity\PlanRevision;
use YardCask\Server\Entity\RevisionOrigin;
use YardCask\Server\Problem\Problem;
use YardCask\Server\Storage\PhotoStore;
use YardCask\Server\Storage\PlanStore;
use YardCask\Server\Storage\RecordStore;

/** Gives plans out with all that was recorded of them, and takes them in. */
final readonly class ArchiveStore
{
    public function __construct(
        private EntityManagerInterface $orm,
        private PlanStore $plans,
        private RecordStore $records,
        private PhotoStore $photos,
    ) {
    }

    /**
     * @return string the name of a file that is the caller's to remove
     *
     * @throws Problem when there is no such plan
     */
    public function write(string $id): string
    {
        return Archive::write(Plan::fromJson($this->plans->latest($id)->document), $this->records->all($id), $this->photos->all($id));
    }

    /**
     * As a new plan: everything under UUIDs of its own, so that the same archive can be taken in twice.
     *
     * @throws InvalidInput when it is no such archive
     */
    public function takeIn(string $file): PlanRevision
    {
        $archive = Archive::open($file);
        $plan = $archive->plan();
        $new = [];
        $renamed = static function (string $uuid) use (&$new): string {
            return $new[$uuid] ??= Uuid::new();
        };
        $records = array_map(static fn (Record $one): Record => $one->renamed($renamed), $archive->records());

        return $this->orm->wrapInTransaction(function () use ($archive, $plan, $records, $renamed): PlanRevision {
            $revision = $this->plans->create($plan, RevisionOrigin::Import);
            foreach ($archive->photos() as $uuid => $jpeg) {
                $this->photos->put($revision->plan->id, $renamed($uuid), $jpeg);
            }
            $this->records->takeIn($revision->plan, $records);

            return $revision;
        });
    }
}
