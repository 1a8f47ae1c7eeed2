<?php

declare(strict_types=1);

namespace YardCask\Server\Storage;

use Doctrine\ORM\EntityManagerInterface;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Input\InvalidInput;
use YardCask\Server\Entity\OwnTank;
use YardCask\Server\Problem\Problem;

/** The tanks that somebody keeps beside those of the catalogue. */
final readonly class OwnTanks
{
    private const MOST = 100;

    public function __construct(
        private EntityManagerInterface $orm,
        private WriteGate $gate,
    ) {
    }

    /** @return list<OwnTank> by their names */
    public function all(): array
    {
        return $this->orm->getRepository(OwnTank::class)->findBy([], ['name' => 'ASC', 'id' => 'ASC']);
    }

    /** @throws Problem when the disk is full */
    public function keep(StockTank $tank): OwnTank
    {
        $this->gate->check();
        if (\count($this->all()) >= self::MOST) {
            throw InvalidInput::at('/tank', \sprintf('There are %d tanks of your own, as many as are kept. Remove one first.', self::MOST));
        }
        $own = new OwnTank(bin2hex(random_bytes(6)), $tank);
        $this->orm->persist($own);
        $this->orm->flush();

        return $own;
    }

    /** One that is not there is gone already. */
    public function remove(string $id): void
    {
        $this->gate->check();
        $own = $this->orm->find(OwnTank::class, $id);
        if (null !== $own) {
            $this->orm->remove($own);
            $this->orm->flush();
        }
    }
}
