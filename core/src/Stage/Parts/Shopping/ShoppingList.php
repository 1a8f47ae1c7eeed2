<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Record\Purchased;
use YardCask\Core\Stage\Parts\Cutting\CutList;

/** Everything that a plan needs, with what is bought of it, and what was bought that it does not need. */
final readonly class ShoppingList
{
    /**
     * @param list<ShoppingLine> $lines by their shops, in the order in which they were first needed
     * @param list<Purchased> $extra bought, and not or no longer needed
     */
    private function __construct(
        public array $lines,
        public array $extra,
    ) {
    }

    public static function of(Workings $workings): self
    {
        $basket = new Basket();
        PartItems::addTo($basket, $workings);
        TankItems::addTo($basket, $workings);
        JointItems::addTo($basket, $workings);
        PipeItems::addTo($basket, $workings);
        HoleItems::addTo($basket, $workings);
        PowerItems::addTo($basket, $workings);
        SpareItems::addTo($basket, $workings);
        ToolItems::addTo($basket, $workings);
        foreach (CutList::all($workings) as $list) {
            $bought = $list->bought();
            if (null !== $bought) {
                $basket->toCut($list->key, $bought);
            }
        }
        $lines = $basket->lines();
        $needed = array_flip(array_map(static fn (ShoppingLine $one): string => $one->item->key, $lines));
        $purchases = $extra = [];
        foreach ($workings->records->purchased as $one) {
            $key = self::standsFor($one, $needed, $workings);
            // What was bought under its own name counts before what was bought for something else.
            if (isset($needed[$key]) && ($key === $one->item || !isset($purchases[$key]))) {
                $purchases[$key] = $one->purchase;
            } elseif (!isset($needed[$key]) && $one->purchase->amount > 0) {
                $extra[] = $one;
            }
        }

        return new self(array_map(static fn (ShoppingLine $line): ShoppingLine => $line->with($purchases[$line->item->key] ?? null), $lines), $extra);
    }

    /**
     * The item that a purchase is of: what was bought instead, once the plan has that and no longer what it replaces.
     *
     * @param array<string, int> $needed
     */
    private static function standsFor(Purchased $one, array $needed, Workings $workings): string
    {
        return isset($needed[$one->item]) ? $one->item : Substitute::of($one, $workings->stock)->stock->id ?? $one->item;
    }

    public function price(): float
    {
        return array_sum(array_map(static fn (ShoppingLine $one): float => $one->price(), $this->lines));
    }

    /** Of that, what stands at the user's own prices. */
    public function ownPrice(): float
    {
        $own = array_filter($this->lines, static fn (ShoppingLine $one): bool => null !== $one->purchase?->price);

        return array_sum(array_map(static fn (ShoppingLine $one): float => $one->price(), $own));
    }

    public function kg(): float
    {
        return array_sum(array_map(static fn (ShoppingLine $one): float => $one->kg(), $this->lines));
    }

    public function bought(): int
    {
        return \count(array_filter($this->lines, static fn (ShoppingLine $one): bool => $one->isBought()));
    }
}
