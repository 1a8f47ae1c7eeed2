<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\JoiningMethod;
use YardCask\Core\Stage\Parts\Joints\UsedMethods;
use YardCask\Core\Words\Phrase;

/** The tool for each way in which the plan's joints are held. */
final class ToolItems
{
    public static function addTo(Basket $basket, Workings $workings): void
    {
        foreach (UsedMethods::counted($workings) as $method => $count) {
            $tool = UsedMethods::tool(JoiningMethod::from($method), $workings->stock);
            if (null !== $tool) {
                $basket->add(Item::fitting($tool), 1.0, new Phrase('parts.for.method', ['count' => $count, 'method' => $method]), null);
            }
        }
    }
}
