<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\CoverFigures;
use YardCask\Core\Output\Sent;
use YardCask\Core\Stage\Parts\Drilling\Behind;
use YardCask\Core\Stage\Parts\Drilling\DrillList;
use YardCask\Core\Stage\Parts\Drilling\Hole;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** A hole to be drilled, as it reads on the card. */
final readonly class HoleCard implements Sent
{
    private function __construct(
        public string $what,
        public string $where,
        public string $size,
        public string $tool,
        public string $behind,
        public string $edge,
        public string $caution,
        /** What covers it on the inside; empty where nothing does. */
        public string $plate,
        /** Why it cannot be drilled there; empty where it can. */
        public string $trouble,
    ) {
    }

    /** @return list<self> */
    public static function all(Workings $workings): array
    {
        return array_map(static fn (Hole $one): self => self::of($one, $workings), DrillList::of($workings));
    }

    private static function of(Hole $hole, Workings $workings): self
    {
        $text = static fn (Phrase $phrase): string => $workings->wording->phrase($phrase);
        $near = Behind::of($hole, $workings);

        return new self(
            what: $text($hole->what),
            where: $text($hole->where),
            size: $text(new Phrase('parts.hole.size', ['hole' => Amount::mm($hole->holeMm), 'fitting' => $hole->fitting])),
            tool: $text($hole->tool()),
            behind: $text(new Phrase('parts.hole.behind', [
                'things' => match (true) {
                    null === $hole->at => 'unplaced',
                    [] === $near => null,
                    default => 'some',
                },
                'names' => $near,
                'near' => Amount::mm(Behind::NEAR_MM),
            ])),
            edge: $text(new Phrase('parts.hole.edge', ['in' => $hole->in])),
            caution: $text(new Phrase('parts.hole.caution', ['in' => $hole->in])),
            plate: self::plate($hole, $workings),
            trouble: $hole->missingMm > 0.0 ? $text(new Phrase('parts.hole.crowded', ['room_missing' => Amount::mm($hole->missingMm)])) : '',
        );
    }

    private static function plate(Hole $hole, Workings $workings): string
    {
        $plate = $hole->plate;
        if (!$plate?->figures instanceof CoverFigures || null === $plate->figures->acrossMm) {
            return '';
        }

        return $workings->wording->phrase(new Phrase('parts.hole.plate', ['plate' => $plate->name, 'across' => Amount::mm($plate->figures->acrossMm)]));
    }
}
