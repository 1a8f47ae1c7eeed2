<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Record\Purchased;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Stage\Parts\Shopping\ShoppingLine;
use YardCask\Core\Stage\Parts\Shopping\ShoppingList;
use YardCask\Core\Words\SnagText;

/** Something was bought that the plan does not need any more, or more of it than it needs: it can be taken back to the shop. */
final class BoughtSpare implements Rule
{
    public function check(Workings $workings): array
    {
        $list = [] === $workings->records->purchased ? null : ShoppingList::of($workings);
        $names = null === $list ? [] : [
            ...array_map(static fn (Purchased $one): string => $workings->wording->catalogueName($one->name), $list->extra),
            ...array_values(array_map(
                static fn (ShoppingLine $one): string => $workings->wording->catalogueName($one->item->name),
                array_filter($list->lines, static fn (ShoppingLine $one): bool => $one->spare() > 0),
            )),
        ];
        if ([] === $names) {
            return [];
        }

        return [new Finding(
            PartsFinding::BoughtSpare,
            [],
            new Measure((float) \count($names), 0.0, ''),
            new SnagText('parts.bought-spare.title', 'parts.bought-spare.why', ['count' => \count($names), 'items' => $names]),
            static fn (): array => [],
        )];
    }
}
