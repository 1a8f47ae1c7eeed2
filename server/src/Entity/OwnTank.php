<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\PartFields;

/** A tank of the user's own, kept as it stood in a plan. */
#[ORM\Entity]
#[ORM\Table(name: 'own_tank')]
class OwnTank
{
    #[ORM\Column(length: 60)]
    public readonly string $name;

    #[ORM\Column(type: Types::TEXT, length: 65535)]
    private string $document;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 12)]
        public readonly string $id,
        StockTank $tank,
    ) {
        $this->name = $tank->name;
        $this->document = Json::encode(PartFields::written($tank));
    }

    /** In the catalogue under an id of its own. */
    public function tank(): StockTank
    {
        return StockTank::fromDocument(Json::decode($this->document), 'own-'.$this->id);
    }
}
