<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\PartReader;

/** The fittings that can be had. */
final class FittingStock
{
    private const MOST = 1000;

    /**
     * @return list<StockFitting>
     *
     * @throws InvalidInput with every error of the file
     */
    public static function fromJson(string $json): array
    {
        $in = InputReader::of(Json::decode($json));
        $fittings = (new PartReader())->readAll(StockFitting::class, 'fittings', self::MOST, $in);
        $in->finish();
        $in->throwIfInvalid();

        return $fittings;
    }
}
