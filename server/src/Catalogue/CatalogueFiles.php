<?php

declare(strict_types=1);

namespace YardCask\Server\Catalogue;

use Symfony\Contracts\Cache\CacheInterface;
use YardCask\Core\Catalogue\Fitting\FittingStock;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Catalogue\PartFile;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Catalogue\SystemBook;
use YardCask\Core\Catalogue\TankStock;
use YardCask\Core\Input\Json;
use YardCask\Core\Start\StartingChoices;

/** The catalogue's files. */
final readonly class CatalogueFiles
{
    /** @param CacheInterface|null $catalogueCache keeps what is made of the files; without it that is made anew each time */
    public function __construct(
        private string $catalogueDir,
        private ?CacheInterface $catalogueCache = null,
    ) {
    }

    public function startingChoices(): StartingChoices
    {
        return StartingChoices::fromJson($this->read('rigs.json'), $this->read('habits.json'));
    }

    /** @return array<mixed> rigs and habits as they stand in the files */
    public function raw(): array
    {
        return (array) Json::decode($this->read('rigs.json')) + (array) Json::decode($this->read('habits.json'));
    }

    /** @return list<StockTank> */
    public function tankStock(): array
    {
        return TankStock::fromJson($this->read('tanks.json'));
    }

    /** @return list<StockFitting> */
    public function fittingStock(): array
    {
        return $this->kept('fittings.json', FittingStock::fromJson(...));
    }

    /** Without those that somebody keeps. */
    public function partStock(): PartStock
    {
        return new PartStock([$this->parts(...)], $this->tankStock(...), $this->fittingStock(...));
    }

    public function parts(): PartFile
    {
        [$parts, $pipes, $usual] = $this->kept('parts.json', static function (string $json): array {
            $divided = PartFile::divided($json);

            return [$divided->parts, $divided->pipes, $divided->usual];
        });

        return new PartFile($parts, $pipes, $usual);
    }

    public function systems(): SystemBook
    {
        return SystemBook::fromJson($this->read('systems.json'));
    }

    /** @return list<string> the plan files that a new installation begins with */
    public function demoPlans(): array
    {
        $files = glob($this->catalogueDir.'/plans/*.json');

        return array_map(static fn (string $file): string => (string) file_get_contents($file), false === $files ? [] : $files);
    }

    /**
     * What a file says, read once as long as the file stays as it is.
     *
     * @template T
     *
     * @param \Closure(string): T $reader
     *
     * @return T
     */
    private function kept(string $name, \Closure $reader): mixed
    {
        $read = fn (): mixed => $reader($this->read($name));

        return null === $this->catalogueCache
            ? $read()
            : $this->catalogueCache->get($name.'-'.filemtime($this->catalogueDir.'/'.$name), $read);
    }

    private function read(string $name): string
    {
        return (string) file_get_contents($this->catalogueDir.'/'.$name);
    }
}
