<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

/** The patterns of the words files, by their keys: ICU message patterns, as Symfony's translation component reads them too. */
final class Phrasebook
{
    private const MOST_WRITTEN = 1000;
    /** At most so many texts are handed on to later processes. */
    private const MOST_LASTING = 400;
    private const FOLDER = __DIR__.'/../../words/en/';

    private static ?self $english = null;
    /** @var array<string, array<string, string>> by file, then by key; each file is read when a key of it is first asked for */
    private array $files = [];
    /** @var array<string, \MessageFormatter> by key, each made on its first use */
    private array $formatters = [];
    /** @var array<string, bool> whether a name comes first in it, by key */
    private array $begins = [];
    /** @var array<string, bool> whether it has cases, by key */
    private array $choosing = [];
    /** @var array<string, list<string>> the names in each pattern, by key */
    private array $names = [];
    /** @var array<string, string> texts written so far, by pattern and values: many repeat within one assessment */
    private array $written = [];
    /** @var array<string, string> those of them that an earlier process has written */
    private array $recalled = [];

    private function __construct()
    {
    }

    public static function english(): self
    {
        return self::$english ??= new self();
    }

    /** @return array<string, string> every pattern, by key */
    public function all(): array
    {
        $files = glob(self::FOLDER.'*.php');
        $names = array_map(static fn (string $file): string => basename($file, '.php'), false === $files ? [] : $files);

        return array_merge(...array_map($this->file(...), $names));
    }

    /** @return array<string, string> the patterns of a file; none where there is no such file */
    private function file(string $name): array
    {
        /** @var array<string, string> $patterns */
        $patterns = $this->files[$name] ?? (is_file(self::FOLDER.$name.'.php') ? require self::FOLDER.$name.'.php' : []);

        return $this->files[$name] = $patterns;
    }

    /**
     * @param array<string, string|int> $with what fills the pattern, by name
     *
     * @throws \LogicException where the pattern is not there, cannot be read, or names something that is not given
     */
    public function fill(string $key, array $with): string
    {
        $pattern = $this->pattern($key);
        if (!str_contains($pattern, '{')) {
            return $pattern;
        }
        if (!($this->choosing[$key] ??= self::chooses($pattern))) {
            return self::putIn($key, $pattern, $with);
        }
        $written = $key.serialize($with);

        return $this->written[$written] ??= $this->chosen($key, $pattern, $with);
    }

    /** @param array<string, string> $texts that lasting() gave in an earlier process */
    public function recall(array $texts): void
    {
        $this->recalled = $texts;
        $this->written += $texts;
    }

    /** @return array<string, string>|null the texts without a figure, which are often wanted again; null where there are no new ones */
    public function lasting(): ?array
    {
        $new = array_filter(array_diff_key($this->written, $this->recalled), static fn (string $text): bool => 1 !== preg_match('/\d/', $text));

        return match (true) {
            [] === $new => null,
            \count($new) + \count($this->recalled) > self::MOST_LASTING => \array_slice($new, 0, self::MOST_LASTING),
            default => $new + $this->recalled,
        };
    }

    /**
     * @param array<string, string|int> $with
     */
    private function chosen(string $key, string $pattern, array $with): string
    {
        if (\count($this->written) >= self::MOST_WRITTEN) {
            $this->written = [];
        }
        $this->formatters[$key] ??= new \MessageFormatter('en', $pattern);
        $text = $this->formatters[$key]->format($with);
        // ICU leaves a name that is not given as it stands in the pattern, with its braces.
        foreach (\is_string($text) && str_contains($text, '{') ? $this->names($key) : [] as $name) {
            \array_key_exists($name, $with) || throw self::unfilled($key, $name);
        }

        return \is_string($text) ? $text : throw new \LogicException(\sprintf('“%s”: %s', $key, $this->formatters[$key]->getErrorMessage()));
    }

    /**
     * A pattern that chooses nothing is filled without ICU, which takes longer to read it than to fill it.
     *
     * @param array<string, string|int> $with
     */
    private static function putIn(string $key, string $pattern, array $with): string
    {
        $pieces = explode('{', $pattern);
        $text = $pieces[0];
        foreach (\array_slice($pieces, 1) as $piece) {
            [$name, $after] = explode('}', $piece, 2);
            $text .= ($with[$name] ?? throw self::unfilled($key, $name)).$after;
        }

        return $text;
    }

    private static function unfilled(string $key, string $name): \LogicException
    {
        return new \LogicException(\sprintf('“%s” needs {%s}.', $key, $name));
    }

    /** Whether a pattern has cases, or anything else than names in braces. */
    private static function chooses(string $pattern): bool
    {
        return 1 === preg_match('/\{\w+,|\x27/', $pattern);
    }

    /** @throws \LogicException where there is no such key */
    public function pattern(string $key): string
    {
        return $this->file(explode('.', $key, 2)[0])[$key] ?? throw new \LogicException(\sprintf('The words files have no “%s”.', $key));
    }

    /** Whether what fills a pattern comes first, so that nothing of its own begins the sentence. */
    public function beginsWithAName(string $key): bool
    {
        return $this->begins[$key] ??= 1 === preg_match('/^\[?\{\w+\}/', $this->pattern($key));
    }

    /** @return list<string> what a pattern asks for, each once */
    public function names(string $key): array
    {
        $pattern = $this->pattern($key);

        return $this->names[$key] ??= self::chooses($pattern) ? array_keys(Pattern::cases($pattern)) : self::plainNames($pattern);
    }

    /** @return list<string> the names of a pattern without cases */
    private static function plainNames(string $pattern): array
    {
        $names = [];
        preg_match_all('/\{(\w+)\}/', $pattern, $names);

        return array_values(array_unique($names[1]));
    }
}
