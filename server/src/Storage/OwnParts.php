<?php

declare(strict_types=1);

namespace YardCask\Server\Storage;

use Doctrine\ORM\EntityManagerInterface;
use YardCask\Core\Catalogue\PartFile;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Input\InvalidInput;
use YardCask\Server\Catalogue\CatalogueFiles;
use YardCask\Server\Entity\OwnPart;
use YardCask\Server\Problem\Problem;

/** The parts of lines that somebody keeps beside those of the catalogue. */
final readonly class OwnParts
{
    private const MOST = 500;

    public function __construct(
        private EntityManagerInterface $orm,
        private WriteGate $gate,
        private CatalogueFiles $files,
        private ApcuMemory $memory,
    ) {
    }

    /** All that can be had: the catalogue's and one's own. */
    public function stock(): PartStock
    {
        return new PartStock(
            [
                $this->files->parts(...),
                fn (): PartFile => PartFile::divided(
                    '{"parts":['.implode(',', array_map(static fn (OwnPart $own): string => $own->json(), $this->all())).']}',
                ),
            ],
            $this->files->tankStock(...),
            $this->files->fittingStock(...),
        );
    }

    /** @return list<OwnPart> by their names */
    public function all(): array
    {
        return $this->orm->getRepository(OwnPart::class)->findBy([], ['name' => 'ASC', 'id' => 'ASC']);
    }

    /**
     * One of a name that is kept already takes its place, and its id: so a part of one's own is changed.
     *
     * @param list<StockPart> $parts
     *
     * @return list<OwnPart>
     *
     * @throws Problem when the disk is full
     */
    public function keep(array $parts): array
    {
        $this->gate->check();
        $known = array_column($this->all(), null, 'name');
        $kept = [];
        foreach ($parts as $part) {
            $own = $known[$part->name] ?? null;
            if (null === $own) {
                $own = new OwnPart(bin2hex(random_bytes(6)), $part);
                $this->orm->persist($own);
                $known[$part->name] = $own;
            } else {
                $own->becomes($part);
            }
            $kept[] = $own;
        }
        if (\count($known) > self::MOST) {
            throw InvalidInput::at('/part', \sprintf('%d parts of your own are kept at most. Let some go first.', self::MOST));
        }
        $this->orm->flush();
        $this->memory->forget();

        return $kept;
    }

    /** One that is not there is gone already. */
    public function remove(string $id): void
    {
        $this->gate->check();
        $own = $this->orm->find(OwnPart::class, $id);
        if (null !== $own) {
            $this->orm->remove($own);
            $this->orm->flush();
            $this->memory->forget();
        }
    }
}
