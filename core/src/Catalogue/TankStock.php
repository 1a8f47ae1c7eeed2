<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\PartReader;

/** The tanks that can be had ready made. */
final class TankStock
{
    private const MOST = 1000;

    /**
     * @return list<StockTank>
     *
     * @throws InvalidInput with every error of the file
     */
    public static function fromJson(string $json): array
    {
        $in = InputReader::of(Json::decode($json));
        $tanks = (new PartReader())->readAll(StockTank::class, 'tanks', self::MOST, $in);
        $in->finish();
        $in->throwIfInvalid();

        return $tanks;
    }
}
