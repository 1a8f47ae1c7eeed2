<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A place on a drawing of the rig, in its axes: from the side x and z are known, from above x and y, from behind y and z. */
final readonly class Place implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /** No rig is longer, in m from its origin either way. */
    private const FAR_M = 30.0;
    private const KEYS = ['x_m', 'y_m', 'z_m'];
    private const TEXT = '/^([xyz])=(-?[\d.]+(?:E-?\d+)?) ([xyz])=(-?[\d.]+(?:E-?\d+)?)$/D';

    public function __construct(
        public ?float $xM,
        public ?float $yM,
        public ?float $zM,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $range = Range::between(-self::FAR_M, self::FAR_M);
        [$x, $y, $z] = array_map(static fn (string $key): ?float => $in->optionalNumber($key, $range), self::KEYS);
        if (2 !== \count(array_filter([$x, $y, $z], static fn (?float $one): bool => null !== $one))) {
            $in->fail('', 'A place on a drawing has two of x_m, y_m and z_m, for example {"x_m": 2.4, "z_m": 0.6}.');
        }
        $in->finish();

        return new self($x, $y, $z);
    }

    /** In a table, for example “x=2.4 z=0.6”. */
    public function inCell(): string
    {
        $known = array_filter(['x' => $this->xM, 'y' => $this->yM, 'z' => $this->zM], static fn (?float $one): bool => null !== $one);

        return implode(' ', array_map(static fn (string $axis, float $m): string => $axis.'='.$m, array_keys($known), $known));
    }

    /** @return \stdClass|string what the cell says, as read() takes it; the cell itself where it says no place */
    public static function ofCell(string $cell): \stdClass|string
    {
        if (1 !== preg_match(self::TEXT, $cell, $found)) {
            return $cell;
        }

        return (object) [$found[1].'_m' => (float) $found[2], $found[3].'_m' => (float) $found[4]];
    }
}
