<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

use YardCask\Core\Quantity\UnitPreferences;

/** Every pattern of the words files with sample quantities, each of its cases once: the page to read aloud. */
final class Sentences
{
    private const SAMPLES = __DIR__.'/../../words/samples.php';
    /** So many people, cans or straps are tried where a pattern counts. */
    private const COUNTS = ['one' => 1, 'other' => 3];
    private const MOST_OF_A_PATTERN = 24;

    /** @return array<string, list<string>> by key */
    public static function all(): array
    {
        /** @var array<string, string|int|Amount|Phrase|list<string|Phrase>> $samples */
        $samples = require self::SAMPLES;
        $wording = new Wording(new UnitPreferences());
        $sentences = [];
        foreach (Phrasebook::english()->all() as $key => $pattern) {
            $texts = [];
            foreach (self::fillings($key, $pattern, $samples) as $with) {
                $texts[$wording->text($key, $with)] = true;
            }
            $sentences[$key] = \array_slice(array_map(strval(...), array_keys($texts)), 0, self::MOST_OF_A_PATTERN);
        }

        return $sentences;
    }

    /** The page to be read aloud, in Markdown. */
    public static function page(): string
    {
        $page = "# What Yard Cask says\n\nEvery sentence of the [words files](../core/words/en), with sample quantities, to be read aloud. "
            ."Written by `server/bin/console yardcask:write-docs`; how to change a sentence: [adding.md](adding.md).\n";
        $stage = '';
        foreach (self::all() as $key => $texts) {
            $at = (string) strtok($key, '.');
            $page .= $at === $stage ? '' : "\n## ".ucfirst($at)."\n\n";
            $stage = $at;
            $page .= "- `$key`\n".implode(
                '',
                array_map(
                    static fn (string $text): string => '  - '.trim($text)."\n",
                    array_filter($texts, static fn (string $text): bool => '' !== trim($text)),
                ),
            );
        }

        return $page;
    }

    /**
     * @param array<string, string|int|Amount|Phrase|list<string|Phrase>> $samples
     *
     * @return list<array<string, string|int|Amount|Phrase|list<string|Phrase>>> every combination of a pattern's cases
     */
    private static function fillings(string $key, string $pattern, array $samples): array
    {
        $fillings = [[]];
        foreach (Pattern::cases($pattern) as $name => $selectors) {
            $values = [] === $selectors
                ? [self::sample($key, $name, $samples)]
                : array_map(static fn (string $selector): string|int => self::chosen($key, $name, $selector, $samples), $selectors);
            $more = [];
            foreach ($fillings as $filling) {
                foreach ($values as $value) {
                    $more[] = $filling + [$name => $value];
                }
            }
            $fillings = $more;
        }

        return $fillings;
    }

    /** @param array<string, string|int|Amount|Phrase|list<string|Phrase>> $samples */
    private static function chosen(string $key, string $name, string $selector, array $samples): string|int
    {
        $pattern = Phrasebook::english()->pattern($key);
        if (str_starts_with($selector, '=')) {
            return (int) substr($selector, 1);
        }
        if (1 === preg_match('/\{'.$name.', plural/', $pattern)) {
            return self::COUNTS[$selector] ?? throw new \LogicException(\sprintf('“%s” counts {%s} by “%s”.', $key, $name, $selector));
        }
        $isPutIn = str_contains($pattern, '{'.$name.'}');
        $sample = 'other' === $selector && $isPutIn ? self::sample($key, $name, $samples) : $selector;

        return \is_string($sample) || \is_int($sample) ? $sample : $selector;
    }

    /**
     * The sample of the longest beginning of the key that has one of that name, or the one for all.
     *
     * @param array<string, string|int|Amount|Phrase|list<string|Phrase>> $samples
     *
     * @return string|int|Amount|Phrase|list<string|Phrase>
     */
    private static function sample(string $key, string $name, array $samples): string|int|Amount|Phrase|array
    {
        for ($parts = explode('.', $key); [] !== $parts; array_pop($parts)) {
            $sample = $samples[implode('.', $parts).'.'.$name] ?? null;
            if (null !== $sample) {
                return $sample;
            }
        }

        return $samples[$name] ?? throw new \LogicException(\sprintf('There is no sample of {%s}, which “%s” asks for.', $name, $key));
    }
}
