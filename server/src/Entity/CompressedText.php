<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Platforms\AbstractPlatform;
use Doctrine\DBAL\Types\Type;

/** A long text that MariaDB keeps compressed; UNCOMPRESS(column) shows it in any client. */
final class CompressedText extends Type
{
    public const NAME = 'compressed_text';
    private const MOST_BYTES = 16777215;

    public function getSQLDeclaration(array $column, AbstractPlatform $platform): string
    {
        return $platform->getBlobTypeDeclarationSQL(['length' => self::MOST_BYTES]);
    }

    public function convertToDatabaseValueSQL(string $sqlExpr, AbstractPlatform $platform): string
    {
        return 'COMPRESS('.$sqlExpr.')';
    }

    public function convertToPHPValueSQL(string $sqlExpr, AbstractPlatform $platform): string
    {
        return 'UNCOMPRESS('.$sqlExpr.')';
    }
}
