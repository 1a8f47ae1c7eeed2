<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

use YardCask\Core\Input\InputReader;

/**
 * What a port, a pipe or a side of an adapter joins to, as plans and catalogues have it: one line of text, lengths in mm.
 *
 * The line begins with the end: “thread 1/2 iso_228 male flat”, “barb 13.8”, “hose 12.5 braided”, “tube 12”, “push 12”,
 * “crimp 16”, “crimp_tube 16”, “compression 15”, “solvent 20”, “grommet 25 for 19”, “own pump clip socket”. What else is
 * known of it follows, behind commas: “25 deep”, “bore 9.5”, “metal” or “plastic”. A line that cannot be read stays as it was typed:
 * that end is still to be measured.
 */
final class PortEnd implements \Stringable
{
    public const LONGEST = 120;
    /** @var array<string, self> those that were read, by their text: a plan has few that differ */
    private static array $read = [];

    private const LENGTH = '(\d{1,3}(?:\.\d{1,3})?)(?: ?mm)?';

    private function __construct(
        private readonly string $text,
        /** Null while nobody has measured it. */
        public readonly ?End $end,
        /** How far a tube or a thread goes in or on, in mm. */
        public readonly ?float $deepMm = null,
        /** The bore through it, in mm. */
        public readonly ?float $boreMm = null,
        public readonly ?Material $material = null,
    ) {
    }

    public static function of(End $end, ?float $deepMm = null, ?float $boreMm = null, ?Material $material = null): self
    {
        $known = array_filter([
            null === $deepMm ? null : self::number($deepMm).' deep',
            null === $boreMm ? null : 'bore '.self::number($boreMm),
            $material?->value,
        ], is_string(...));

        return new self(implode(', ', [self::written($end), ...$known]), $end, $deepMm, $boreMm, $material);
    }

    public static function read(string $text): self
    {
        return self::$read[$text] ??= self::parsed($text);
    }

    private static function parsed(string $text): self
    {
        $words = array_map(trim(...), explode(',', $text));
        $end = self::end(array_shift($words));
        $deepMm = $boreMm = $material = null;
        foreach (null === $end ? [] : $words as $word) {
            $match = [];
            if (1 === preg_match('/^'.self::LENGTH.' deep$/', $word, $match)) {
                $deepMm = (float) $match[1];
            } elseif (1 === preg_match('/^bore '.self::LENGTH.'$/', $word, $match)) {
                $boreMm = (float) $match[1];
            } elseif (null !== Material::tryFrom($word)) {
                $material = Material::from($word);
            } else {
                return new self($text, null);
            }
        }

        return new self($text, $end, $deepMm, $boreMm, $material);
    }

    /** Whether of two threads a metal one goes into a plastic one, which it splits when it is tightened like metal. */
    public function splits(self $other): bool
    {
        if (EndSystem::Thread !== $this->end?->system || EndSystem::Thread !== $other->end?->system) {
            return false;
        }
        [$male, $female] = Sex::Male === $this->end->sex ? [$this, $other] : [$other, $this];

        return Material::Metal === $male->material && Material::Plastic === $female->material;
    }

    public function __toString(): string
    {
        return $this->text;
    }

    private static function end(string $text): ?End
    {
        [$system, $rest] = [...explode(' ', $text, 2), ''];
        $match = [];
        $read = static function (string $pattern, string ...$keys) use ($rest, &$match): ?array {
            return 1 === preg_match('~^'.$pattern.'$~', $rest, $match) ? array_combine($keys, \array_slice($match, 1, \count($keys))) : null;
        };
        $values = match (EndSystem::tryFrom($system)) {
            EndSystem::Thread => $read('(\d[\d/ ]*) (\w+) (male|female)( flat)?', ...['size', 'standard', 'sex']),
            EndSystem::Barb, EndSystem::Tube, EndSystem::Push, EndSystem::Compression, EndSystem::Solvent => $read(self::LENGTH, 'outer_mm'),
            EndSystem::Hose => $read(self::LENGTH.' (\w+)', 'inner_mm', 'wall'),
            EndSystem::Crimp, EndSystem::CrimpTube => $read('(\S+)', 'nominal'),
            EndSystem::Grommet => $read(self::LENGTH.' for '.self::LENGTH, 'hole_mm', 'outer_mm'),
            EndSystem::Own => $read('(.+) (plug|socket)', 'family', 'side'),
            null => null,
        };
        if (null === $values) {
            return null;
        }
        $document = ['system' => $system];
        foreach ($values as $key => $value) {
            $document[$key] = str_ends_with($key, '_mm') ? (float) $value : $value;
        }
        if (isset($match[4]) && EndSystem::Thread->value === $system) {
            $document['seat'] = Seat::Flat->value;
        }
        $in = InputReader::of((object) $document);
        $end = End::read($in);

        return $in->failed() ? null : $end;
    }

    private static function written(End $end): string
    {
        $mm = static fn (?float $one): string => self::number((float) $one);

        return $end->system->value.' '.match ($end->system) {
            EndSystem::Thread => $end->size.' '.$end->standard?->value.' '.$end->sex?->value.($end->isFlat ? ' flat' : ''),
            EndSystem::Hose => $mm($end->innerMm).' '.$end->wall?->value,
            EndSystem::Crimp, EndSystem::CrimpTube => (string) $end->nominal,
            EndSystem::Grommet => $mm($end->holeMm).' for '.$mm($end->outerMm),
            EndSystem::Own => $end->family.' '.$end->side?->value,
            default => $mm($end->outerMm),
        };
    }

    private static function number(float $number): string
    {
        return (string) round($number, 3);
    }
}
