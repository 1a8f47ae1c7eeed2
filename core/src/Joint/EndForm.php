<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** What has to be said of an end of one system. */
final readonly class EndForm implements Sent
{
    /** @param list<EndField> $fields */
    private function __construct(
        public EndSystem $system,
        public string $text,
        #[ListOf(EndField::class)]
        public array $fields,
    ) {
    }

    /** @return list<self> of every system */
    public static function all(): array
    {
        return array_map(static fn (EndSystem $one): self => new self($one, $one->word(), self::fields($one)), EndSystem::cases());
    }

    /** @return list<EndField> */
    private static function fields(EndSystem $system): array
    {
        return match ($system) {
            EndSystem::Thread => [
                EndField::choice('standard', 'Standard', self::options(ThreadStandard::cases())),
                EndField::choice('size', 'Size, in inches', self::sizes()),
                EndField::choice('sex', 'Sex', self::options(Sex::cases())),
                EndField::choice('seat', 'Seat', self::options(Seat::cases())),
            ],
            EndSystem::Barb => [EndField::length('outer_mm', 'Over its ridge')],
            EndSystem::Hose => [EndField::length('inner_mm', 'Inside'), EndField::choice('wall', 'Wall', self::options(HoseWall::cases()))],
            EndSystem::Tube => [EndField::length('outer_mm', 'Outside')],
            EndSystem::Push, EndSystem::Compression, EndSystem::Solvent => [EndField::length('outer_mm', 'For a tube of, outside')],
            EndSystem::Grommet => [EndField::length('hole_mm', 'For a hole of'), EndField::length('outer_mm', 'For a tube of, outside')],
            EndSystem::Crimp, EndSystem::CrimpTube => [
                EndField::choice('nominal', 'Nominal size', array_map(static fn (string $one): EndOption => new EndOption($one, $one), End::NOMINALS)),
            ],
            EndSystem::Own => [EndField::text('family', 'Family'), EndField::choice('side', 'Side', self::options(CouplingSide::cases()))],
        };
    }

    /**
     * @param list<ThreadStandard|Sex|Seat|HoseWall|CouplingSide> $cases
     *
     * @return list<EndOption>
     */
    private static function options(array $cases): array
    {
        return array_map(static fn (ThreadStandard|Sex|Seat|HoseWall|CouplingSide $one): EndOption => new EndOption($one->value, $one->word()), $cases);
    }

    /** @return list<EndOption> */
    private static function sizes(): array
    {
        $all = [];
        foreach (ThreadStandard::cases() as $standard) {
            foreach ($standard->sizes() as $size) {
                $all[] = new EndOption($size, $size, $standard->value);
            }
        }

        return $all;
    }
}
