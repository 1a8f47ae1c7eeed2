<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/** Pipe threads by their standard, with the diameters that it gives. */
enum ThreadStandard: string
{
    /** Parallel, sealed on a face; 55°. */
    case Iso228 = 'iso_228';
    /** Tapered 1 in 16, or parallel inside, sealed in the thread; 55°. */
    case Iso7 = 'iso_7';
    /** Tapered 1 in 16, sealed in the thread; 60°. */
    case AsmeB1201 = 'asme_b1_20_1';
    /** Garden hose: parallel, sealed by a washer; 60°. */
    case AsmeB1207 = 'asme_b1_20_7';

    /** Threads an inch, and the basic major diameter in mm. Source: ISO 228-1:2000, table 1; ISO 7-1:1994, table 1, in the gauge plane. */
    private const ISO = [
        '1/16' => [28.0, 7.723],
        '1/8' => [28.0, 9.728],
        '1/4' => [19.0, 13.157],
        '3/8' => [19.0, 16.662],
        '1/2' => [14.0, 20.955],
        '5/8' => [14.0, 22.911],
        '3/4' => [14.0, 26.441],
        '7/8' => [14.0, 30.201],
        '1' => [11.0, 33.249],
        '1 1/8' => [11.0, 37.897],
        '1 1/4' => [11.0, 41.910],
        '1 1/2' => [11.0, 47.803],
        '1 3/4' => [11.0, 53.746],
        '2' => [11.0, 59.614],
    ];
    /** What ISO 228-1 has and ISO 7-1 has not. */
    private const PARALLEL_ONLY = ['5/8', '7/8', '1 1/8', '1 3/4'];
    /** Threads an inch, and the pitch diameter E1 in inches where it is hand-tight. Source: ASME B1.20.1-2013, table 2. */
    private const NPT = [
        '1/16' => [27.0, 0.28118],
        '1/8' => [27.0, 0.37360],
        '1/4' => [18.0, 0.49163],
        '3/8' => [18.0, 0.62701],
        '1/2' => [14.0, 0.77843],
        '3/4' => [14.0, 0.98887],
        '1' => [11.5, 1.23863],
        '1 1/4' => [11.5, 1.58338],
        '1 1/2' => [11.5, 1.82234],
        '2' => [11.5, 2.29627],
    ];
    /** Threads an inch, and the greatest major and the least minor diameter in inches. Source: ASME B1.20.7-1991, table 1. */
    private const HOSE = ['3/4' => [11.5, 1.0625, 0.9595]];
    /** The height of the thread, in pitches: 0.8 of one by ASME B1.20.1, 0.640327 by ISO 228-1. */
    private const NPT_HEIGHT = 0.8;
    private const ISO_HEIGHT = 0.640327;
    private const INCH_MM = 25.4;

    public function word(): string
    {
        return match ($this) {
            self::Iso228 => 'parallel pipe thread (ISO 228)',
            self::Iso7 => 'tapered pipe thread (ISO 7)',
            self::AsmeB1201 => 'American tapered pipe thread (ASME B1.20.1)',
            self::AsmeB1207 => 'garden hose thread (ASME B1.20.7)',
        };
    }

    /** @return list<string> as they are called */
    public function sizes(): array
    {
        return array_map(strval(...), array_keys($this->table()));
    }

    public function tpi(string $size): float
    {
        return $this->table()[$size][0];
    }

    /** Over the crests of a male thread; inside a female one. */
    public function crestMm(string $size, Sex $sex): float
    {
        [$tpi, $first] = $this->table()[$size];
        $pitchMm = self::INCH_MM / $tpi;

        return match ($this) {
            self::Iso228, self::Iso7 => $first - (Sex::Female === $sex ? 2 * self::ISO_HEIGHT * $pitchMm : 0.0),
            self::AsmeB1201 => $first * self::INCH_MM + (Sex::Female === $sex ? -1 : 1) * self::NPT_HEIGHT * $pitchMm,
            self::AsmeB1207 => (Sex::Female === $sex ? self::HOSE[$size][2] : $first) * self::INCH_MM,
        };
    }

    public function isTapered(): bool
    {
        return self::Iso7 === $this || self::AsmeB1201 === $this;
    }

    /** Between the flanks. */
    public function degrees(): int
    {
        return self::Iso228 === $this || self::Iso7 === $this ? 55 : 60;
    }

    public function source(): string
    {
        return match ($this) {
            self::Iso228 => 'ISO 228-1',
            self::Iso7 => 'ISO 7-1',
            self::AsmeB1201 => 'ASME B1.20.1',
            self::AsmeB1207 => 'ASME B1.20.7',
        };
    }

    /** @return array<array-key, non-empty-list<float>> by size */
    private function table(): array
    {
        return match ($this) {
            self::Iso228 => self::ISO,
            self::Iso7 => array_diff_key(self::ISO, array_flip(self::PARALLEL_ONLY)),
            self::AsmeB1201 => self::NPT,
            self::AsmeB1207 => self::HOSE,
        };
    }
}
