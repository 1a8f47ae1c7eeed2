<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Words\Phrase;

/** What is needed while it is gathered: the same thing for several purposes is one line. */
final class Basket
{
    /** @var array<string, array{Item, float, bool}> what, how much of it, and whether a length in that is assumed, by the item's key */
    private array $gathered = [];
    /** @var array<string, list<Phrase>> what each is for, by the item's key */
    private array $for = [];
    /** @var array<string, float> how much of what is there has to be bought by the cut list */
    private array $toCut = [];
    /** @var list<array{Item, float, FittedAt}> what rides along, how many or how many metres of it, and where */
    private array $fitted = [];

    /**
     * @param float $amount how many, or how many metres
     * @param FittedAt|null $at null of what is used up, is no part of the rig, or is weighed with the tanks and the line
     */
    public function add(Item $item, float $amount, Phrase $for, ?FittedAt $at, bool $isAssumed = false): void
    {
        if (null !== $at) {
            $this->fitted[] = [$item, $amount, $at];
        }
        [, $before, $wasAssumed] = $this->gathered[$item->key] ?? [$item, 0.0, false];
        $this->gathered[$item->key] = [$item, $before + $amount, $wasAssumed || $isAssumed];
        $this->for[$item->key][] = $for;
    }

    /** Says how much of what is there has to be bought by the cut list. */
    public function toCut(string $key, float $bought): void
    {
        $this->toCut[$key] = $bought;
    }

    /** @return list<array{Item, float, FittedAt}> what rides along, how many or how many metres of it, and where */
    public function fitted(): array
    {
        return $this->fitted;
    }

    /** @return list<ShoppingLine> in the order in which they were first needed */
    public function lines(): array
    {
        return array_map(fn (array $one): ShoppingLine => new ShoppingLine(
            $one[0],
            $one[1],
            array_values(array_column(array_map(static fn (Phrase $for): array => [serialize($for), $for], $this->for[$one[0]->key]), 1, 0)),
            $one[2],
            $this->toCut[$one[0]->key] ?? null,
        ), array_values($this->gathered));
    }
}
