<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Tanks;

use YardCask\Core\Input\InputError;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Spoken\TypedText;
use YardCask\Core\Quantity\QuantityFormat;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Quantity\UnreadableQuantity;

/** A tank's table as text: a height and its litres on each line, parted by a semicolon, a tab, one comma or a space (CSV after RFC 4180, without quotes). */
final class LevelsText
{
    private const LONGEST = 10000;

    /**
     * @param string $text in the plan's units where none stand beside the figures; a first line of words is a heading
     *
     * @return non-empty-list<PlannedLevel> in the order of their heights
     *
     * @throws InvalidInput with the line of every error at /text
     */
    public static function read(string $text, Plan $plan): array
    {
        if (\strlen($text) > self::LONGEST) {
            throw InvalidInput::at('/text', \sprintf('This must be a table of at most %d characters.', self::LONGEST));
        }
        $levels = [];
        $errors = [];
        foreach (self::lines($text) as $number => $line) {
            try {
                [$heightMm, $litres] = self::line($line, $plan->units);
                if (0.0 !== $heightMm) {
                    $levels[] = new PlannedLevel(FreeId::of('level', $plan, \count($levels)), $heightMm, $litres);
                }
            } catch (UnreadableQuantity $e) {
                $errors[] = new InputError('/text', \sprintf('Line %d: %s', $number + 1, $e->getMessage()));
            } catch (InvalidInput $e) {
                $errors[] = new InputError('/text', \sprintf('Line %d: %s', $number + 1, $e->errors[0]->message));
            }
        }
        if ([] !== $errors) {
            throw InvalidInput::because($errors);
        }
        if ([] === $levels || \count($levels) > PlannedTank::MOST_LEVELS) {
            throw InvalidInput::at(
                '/text',
                \sprintf('A table has from 1 to %d lines, each with a height and its litres, for example “120; 14.5”.', PlannedTank::MOST_LEVELS),
            );
        }
        usort($levels, static fn (PlannedLevel $a, PlannedLevel $b): int => $a->heightMm <=> $b->heightMm);

        return $levels;
    }

    /** As it is read, with a heading that names the units. */
    public static function write(PlannedTank $tank, UnitPreferences $units): string
    {
        $format = new QuantityFormat($units);
        [$height, $litres] = [self::field('height_mm'), self::field('litres')];
        $lines = [\sprintf('height %s;volume %s', $format->symbol($height->kind), $format->symbol($litres->kind))];
        foreach ($tank->levels as $level) {
            $lines[] = $format->exact($level->heightMm, Unit::Millimetre, $height->kind).';'.$format->exact($level->litres, Unit::Litre, $litres->kind);
        }

        return implode("\r\n", $lines)."\r\n";
    }

    /** @return array<int, string> those with figures, by their place in the text */
    private static function lines(string $text): array
    {
        $lines = preg_split('/\r\n|\r|\n/', $text);
        $lines = array_filter(array_map(trim(...), false === $lines ? [] : $lines), static fn (string $line): bool => '' !== $line);
        $first = array_key_first($lines);
        if (null !== $first && 1 !== preg_match('/\d/', $lines[$first])) {
            unset($lines[$first]);
        }

        return $lines;
    }

    /**
     * @return array{float, float} mm and litres
     *
     * @throws UnreadableQuantity when one of the figures cannot be read
     * @throws InvalidInput when there are not two, or one is out of its range
     */
    private static function line(string $line, UnitPreferences $units): array
    {
        $parts = preg_split(match (true) {
            1 === preg_match('/[;\t]/', $line) => '/[;\t]/',
            // A comma parts the figures only where it is the only one: it may be a decimal one.
            1 === substr_count($line, ',') => '/,/',
            default => '/\s+/',
        }, $line);
        $parts = false === $parts ? [] : $parts;
        if (2 !== \count($parts)) {
            throw InvalidInput::at('/text', \sprintf('“%s” is not a height and its litres, for example “120; 14.5”.', mb_strimwidth($line, 0, 40, '…')));
        }
        // A floor that is empty needs no line.
        $isFloor = 1 === preg_match('/^0([.,]0*)?\s*\D*$/', trim($parts[0]));

        return [
            $isFloor ? 0.0 : TypedText::value('/text', $parts[0], self::field('height_mm'), $units),
            TypedText::value('/text', $parts[1], self::field('litres'), $units),
        ];
    }

    private static function field(string $key): Measured
    {
        return PartFields::measured(PlannedLevel::class, $key);
    }
}
