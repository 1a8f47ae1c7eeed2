<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Input;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\Json;

/** A file that is kept is the same to the byte, whether PHP or a browser has written it. */
final class JsonTest extends TestCase
{
    /** @return iterable<string, array{mixed, string}> a value, and how a browser writes it */
    public static function written(): iterable
    {
        yield 'five hundred-thousandths' => [5.07e-5, '0.0000507'];
        yield 'one millionth' => [1e-6, '0.000001'];
        yield 'below nothing' => [-0.00002, '-0.00002'];
        yield 'smaller than that' => [1.5e-7, '1.5e-7'];
        yield 'not so small' => [0.00012, '0.00012'];
        yield 'in words' => ['1.0e-5 of \\"it\\", 2e-6', '"1.0e-5 of \\\\\\"it\\\\\\", 2e-6"'];
    }

    #[DataProvider('written')]
    public function testWritesSmallNumbersAsABrowserDoes(mixed $value, string $json): void
    {
        self::assertSame($json, Json::encode($value, true));
        self::assertSame($value, Json::decode($json));
    }
}
