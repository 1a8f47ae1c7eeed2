<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Record\Purchased;
use YardCask\Core\Stage\Parts\Edit\JoinFixes;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Stage\Parts\Joints\Verdict;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Stage\Parts\Shopping\ShoppingLine;
use YardCask\Core\Stage\Parts\Shopping\ShoppingList;
use YardCask\Core\Stage\Parts\Shopping\Substitute;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Something else was bought than the plan has: until that is in the plan, nothing in it is true of what will be fitted. */
final class BoughtInstead implements Rule
{
    public function check(Workings $workings): array
    {
        $instead = array_values(array_filter(
            $workings->records->purchased,
            static fn (Purchased $one): bool => null !== $one->purchase->instead && $one->purchase->amount > 0,
        ));
        $needed = [] === $instead ? [] : self::needed($workings);
        $other = array_values(array_filter($instead, static fn (Purchased $one): bool => \in_array($one->item, $needed, true)));
        $findings = [];
        [$known, $unknown] = self::divided($other, $workings);
        if ([] !== $known) {
            $findings[] = self::finding(PartsFinding::BoughtInstead, $known, static fn (): array => self::applied($known, $workings), $workings);
        }
        if ([] !== $unknown) {
            $findings[] = self::finding(PartsFinding::BoughtUnknown, $unknown, static fn (): array => [], $workings);
        }

        return $findings;
    }

    /**
     * @param non-empty-list<Purchased> $other
     * @param \Closure(): list<Fix> $proposals
     */
    private static function finding(PartsFinding $code, array $other, \Closure $proposals, Workings $workings): Finding
    {
        return new Finding(
            $code,
            [],
            new Measure((float) \count($other), 0.0, ''),
            new SnagText('parts.bought-instead.title', PartsFinding::BoughtUnknown === $code ? 'parts.bought-unknown.why' : 'parts.bought-instead.why', [
                'count' => \count($other),
                'item' => $workings->wording->catalogueName($other[0]->name),
                'instead' => self::bought($other[0], $workings),
            ]),
            $proposals,
        );
    }

    /**
     * @param list<Purchased> $other
     *
     * @return array{list<Purchased>, list<Purchased>} what the plan can have instead, and what it cannot
     */
    private static function divided(array $other, Workings $workings): array
    {
        $divided = [[], []];
        foreach ($other as $one) {
            $patch = Substitute::of($one, $workings->stock)?->patch($workings->plan) ?? PlanPatch::none();
            $then = $patch->isNone() ? null : $workings->with($patch->applyTo($workings->plan));
            $isKnown = null !== $then && !\in_array($one->item, self::needed($then), true);
            $then?->forget();
            $divided[$isKnown ? 0 : 1][] = $one;
        }

        return $divided;
    }

    /** @return list<string> the keys of the items on the shopping list */
    private static function needed(Workings $workings): array
    {
        return array_map(static fn (ShoppingLine $one): string => $one->item->key, ShoppingList::of($workings)->lines);
    }

    private static function bought(Purchased $one, Workings $workings): string
    {
        return $workings->wording->catalogueName(Substitute::of($one, $workings->stock)->stock->name ?? (string) $one->purchase->instead);
    }

    /**
     * @param non-empty-list<Purchased> $other
     *
     * @return list<Fix> one, which puts all of them into the plan
     */
    private static function applied(array $other, Workings $workings): array
    {
        $patch = PlanPatch::none();
        foreach ($other as $one) {
            $patch = $patch->and(Substitute::of($one, $workings->stock)?->patch($patch->applyTo($workings->plan)) ?? PlanPatch::none());
        }
        $with = ['count' => \count($other), 'instead' => self::bought($other[0], $workings)];

        return [new Fix(new Phrase('parts.fix.instead', $with), $patch->and(self::joining($patch, $workings)))];
    }

    /** The adapters that go between what then does not meet any more, if there are any; nothing where they cannot be had. */
    private static function joining(PlanPatch $patch, Workings $workings): PlanPatch
    {
        $isWell = static fn (PlanJoints $joints): array => array_column($joints->that(Verdict::Tight), 'id', 'id');
        $well = $isWell($workings->of(PlanJoints::class));
        $then = $workings->with($patch->applyTo($workings->plan));
        $joints = $then->of(PlanJoints::class);
        $open = array_values(array_filter(
            [...$joints->that(Verdict::Apart), ...$joints->that(Verdict::Leaks)],
            static fn (JudgedJoint $one): bool => isset($well[$one->id]),
        ));
        $fix = [] === $open ? null : (new JoinFixes($then))->all($open)[0] ?? null;

        return $fix->patch ?? PlanPatch::none();
    }
}
