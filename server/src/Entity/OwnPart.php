<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\PartFields;

/** A part of a line of the user's own. */
#[ORM\Entity]
#[ORM\Table(name: 'own_part')]
class OwnPart
{
    #[ORM\Column(length: 60)]
    public readonly string $name;

    #[ORM\Column(type: Types::TEXT, length: 65535)]
    private string $document;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 12)]
        public readonly string $id,
        StockPart $part,
    ) {
        $this->name = $part->name;
        $this->becomes($part);
    }

    /** Takes the figures of another part of its name. */
    public function becomes(StockPart $part): void
    {
        // In the catalogue under an id of its own.
        $this->document = Json::encode(['id' => 'own-'.$this->id] + PartFields::written($part));
    }

    public function part(): StockPart
    {
        return StockPart::fromDocument(Json::decode($this->document));
    }

    /** As it stands in a file of the catalogue. */
    public function json(): string
    {
        return $this->document;
    }
}
