<?php

declare(strict_types=1);

namespace YardCask\Server\Storage;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use YardCask\Core\Input\InvalidInput;
use YardCask\Server\Clock;
use YardCask\Server\Entity\PlanHead;
use YardCask\Server\Entity\StoredPhoto;
use YardCask\Server\Problem\Problem;

/** The photographs of plans. */
final readonly class PhotoStore
{
    /** Of one plan: some two hundred photographs. */
    private const MOST_BYTES = 60_000_000;

    public function __construct(
        private EntityManagerInterface $orm,
        private PlanStore $plans,
        private WriteGate $gate,
    ) {
    }

    /**
     * Takes in a photograph. The same one once more changes nothing.
     *
     * @return bool whether it is new
     *
     * @throws Problem when there is no such plan, when another has its UUID, or when the disk is full
     * @throws InvalidInput when it is no photograph, or the plan has too many
     */
    public function put(string $plan, string $uuid, string $sent): bool
    {
        $this->gate->check();
        $this->plans->head($plan);
        $digest = hash('sha256', $sent);
        $known = $this->orm->find(StoredPhoto::class, $uuid);
        if (null !== $known) {
            return $known->plan->id === $plan && $known->digest === $digest ? false : throw Problem::recordTaken($uuid);
        }
        $jpeg = Jpeg::drawnAnew($sent);
        try {
            return $this->orm->wrapInTransaction(function () use ($plan, $uuid, $digest, $jpeg): true {
                $head = $this->plans->head($plan, LockMode::PESSIMISTIC_WRITE);
                if ($this->heldBy($head) + \strlen($jpeg->bytes) > self::MOST_BYTES) {
                    $most = \sprintf('The photographs of a plan may come to %d MB.', self::MOST_BYTES / 1e6);
                    throw InvalidInput::at('', $most.' Duplicate the plan and carry on in the copy.');
                }
                $photo = new StoredPhoto(
                    uuid: $uuid,
                    plan: $head,
                    digest: $digest,
                    width: $jpeg->width,
                    height: $jpeg->height,
                    bytes: \strlen($jpeg->bytes),
                    jpeg: $jpeg->bytes,
                    receivedAt: Clock::now(),
                );
                $this->orm->persist($photo);
                $this->orm->flush();
                // An archive brings hundreds: they need not all be held at the same time.
                $this->orm->detach($photo);

                return true;
            });
        } catch (UniqueConstraintViolationException) {
            throw Problem::recordTaken($uuid);
        }
    }

    /** @throws Problem when the plan has no such photograph */
    public function get(string $plan, string $uuid): StoredPhoto
    {
        $photo = $this->orm->find(StoredPhoto::class, $uuid);

        return null !== $photo && $photo->plan === $this->plans->head($plan) ? $photo : throw Problem::noSuchPhoto();
    }

    /** @return iterable<string, string> JPEGs by their UUIDs, one at a time */
    public function all(string $plan): iterable
    {
        $query = $this->orm->createQuery('SELECT p.uuid FROM '.StoredPhoto::class.' p WHERE p.plan = :plan ORDER BY p.receivedAt, p.uuid');
        foreach ($query->setParameter('plan', $this->plans->head($plan))->getSingleColumnResult() as $uuid) {
            $photo = \is_string($uuid) ? $this->get($plan, $uuid) : null;
            if (null !== $photo) {
                yield $photo->uuid => $photo->jpeg();
                $this->orm->detach($photo);
            }
        }
    }

    private function heldBy(PlanHead $plan): int
    {
        $query = $this->orm->createQuery('SELECT SUM(p.bytes) FROM '.StoredPhoto::class.' p WHERE p.plan = :plan')->setParameter('plan', $plan);

        return (int) $query->getSingleScalarResult();
    }
}
