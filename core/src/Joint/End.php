<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** What something joins to something else with: a system, and the dimensions that decide. */
final readonly class End implements \JsonSerializable
{
    /** Of tubes that are crimped: mm where they are metric, inches where they are not. */
    public const NOMINALS = ['10', '12', '15', '16', '18', '20', '22', '25', '26', '28', '32', '1/4', '3/8', '1/2', '5/8', '3/4', '1'];
    private const LARGEST_MM = 400.0;
    private const LONGEST_FAMILY = 60;

    private function __construct(
        public EndSystem $system,
        public ?ThreadStandard $standard = null,
        public ?string $size = null,
        public ?Sex $sex = null,
        /** Of a parallel thread: whether a washer can seal on its face. */
        public bool $isFlat = false,
        /** Over the ridge of a barb, of a tube, or of the tube that it takes. */
        public ?float $outerMm = null,
        public ?float $innerMm = null,
        public ?HoseWall $wall = null,
        public ?string $nominal = null,
        public ?float $holeMm = null,
        public ?string $family = null,
        public ?CouplingSide $side = null,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $system = $in->choice('system', EndSystem::cases());
        $mm = Range::between(0.5, self::LARGEST_MM);
        $end = match ($system) {
            EndSystem::Thread => self::readThread($in),
            EndSystem::Barb, EndSystem::Tube, EndSystem::Push, EndSystem::Compression, EndSystem::Solvent => new self(
                $system,
                outerMm: $in->number('outer_mm', $mm),
            ),
            EndSystem::Hose => new self($system, innerMm: $in->number('inner_mm', $mm), wall: $in->choice('wall', HoseWall::cases())),
            EndSystem::Crimp, EndSystem::CrimpTube => new self($system, nominal: self::listed($in, 'nominal', self::NOMINALS)),
            EndSystem::Grommet => self::readGrommet($in, $mm),
            EndSystem::Own => new self($system, family: $in->text('family', self::LONGEST_FAMILY), side: $in->choice('side', CouplingSide::cases())),
        };
        $in->finish();

        return $end;
    }

    public static function thread(ThreadStandard $standard, string $size, Sex $sex): self
    {
        return new self(EndSystem::Thread, $standard, $size, $sex);
    }

    public static function tube(float $outerMm): self
    {
        return new self(EndSystem::Tube, outerMm: $outerMm);
    }

    public static function barb(float $outerMm): self
    {
        return new self(EndSystem::Barb, outerMm: $outerMm);
    }

    public static function hose(float $innerMm, HoseWall $wall): self
    {
        return new self(EndSystem::Hose, innerMm: $innerMm, wall: $wall);
    }

    /** @return array<string, mixed> as it is read */
    public function jsonSerialize(): array
    {
        return array_filter([
            'system' => $this->system,
            'standard' => $this->standard,
            'size' => $this->size,
            'sex' => $this->sex,
            'seat' => $this->isFlat ? 'flat' : null,
            'outer_mm' => $this->outerMm,
            'inner_mm' => $this->innerMm,
            'wall' => $this->wall,
            'nominal' => $this->nominal,
            'hole_mm' => $this->holeMm,
            'family' => $this->family,
            'side' => $this->side,
        ], static fn (mixed $value): bool => null !== $value);
    }

    private static function readThread(InputReader $in): self
    {
        $standard = $in->choice('standard', ThreadStandard::cases());

        return new self(
            EndSystem::Thread,
            $standard,
            self::listed($in, 'size', $standard->sizes()),
            $in->choice('sex', Sex::cases()),
            Seat::Flat === $in->choice('seat', Seat::cases(), Seat::None),
        );
    }

    private static function readGrommet(InputReader $in, Range $mm): self
    {
        $end = new self(EndSystem::Grommet, outerMm: $in->number('outer_mm', $mm), holeMm: $in->number('hole_mm', $mm));
        if (!$in->failed() && $end->holeMm <= $end->outerMm) {
            $in->fail('hole_mm', 'The hole must be wider than the tube: the rubber lies between them.');
        }

        return $end;
    }

    /** @param list<string> $of */
    private static function listed(InputReader $in, string $key, array $of): string
    {
        $text = $in->text($key, 10);
        if ('' !== $text && !\in_array($text, $of, true)) {
            $in->fail($key, \sprintf('“%s” is none of the sizes that there are: %s.', $text, implode(', ', $of)));

            return $of[0] ?? '';
        }

        return '' === $text ? $of[0] ?? '' : $text;
    }
}
