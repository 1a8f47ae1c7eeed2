<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drilling;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\CoverFigures;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Words\Phrase;

/** A face of a tank at its true size, seen from outside, or the outer wall round a hole, with what is drilled there: to be laid on and pricked through. */
final readonly class FaceTemplate
{
    /** A line to measure the print by. */
    public const CHECK_MM = 100.0;
    /** So much of a wall is round its hole and the plate that covers it. */
    private const ROUND_MM = 40.0;

    /** @param non-empty-list<TemplateHole> $holes */
    private function __construct(
        public Phrase $name,
        /** From where it is seen, or where it belongs. */
        public Phrase $seen,
        public float $widthMm,
        public float $heightMm,
        public array $holes,
        /** “tail.top”, “run-1”. */
        public string $id,
    ) {
    }

    /** @return list<self> of every face of a fixed tank in which something is drilled, and of every hole in the outer wall */
    public static function all(Workings $workings): array
    {
        $templates = [];
        foreach ($workings->plan->tanks as $tank) {
            foreach (Face::cases() as $face) {
                [$widthMm, $heightMm] = self::size($face, $tank);
                $holes = [];
                foreach (DrilledPort::in($tank, $workings->stock) as $drilled) {
                    if ($face === $drilled->port->face) {
                        [$xMm, $yMm] = self::at($drilled->port, $widthMm, $heightMm);
                        $holes[] = new TemplateHole($drilled->port->name, $xMm, $yMm, $drilled->figures->holeMm);
                    }
                }
                if ([] !== $holes) {
                    $of = ['face' => $face, 'tank' => $tank->name];
                    $templates[] = new self(
                        new Phrase('parts.template', $of),
                        new Phrase('parts.template.face', $of),
                        $widthMm,
                        $heightMm,
                        $holes,
                        $tank->id.'.'.$face->value,
                    );
                }
            }
        }

        foreach (DrillList::inWalls($workings) as $id => $hole) {
            $plateMm = $hole->plate?->figures instanceof CoverFigures ? $hole->plate->figures->acrossMm : null;
            $sideMm = max($hole->holeMm, $plateMm ?? 0.0) + 2 * self::ROUND_MM;
            $middle = new TemplateHole($hole->fitting, $sideMm / 2, $sideMm / 2, $hole->holeMm, $plateMm);
            $templates[] = new self($hole->what, $hole->where, $sideMm, $sideMm, [$middle], $id);
        }

        return $templates;
    }

    /**
     * @param float $widthMm of a sheet without its margins
     * @param float $heightMm of a sheet without its margins
     *
     * @return list<TemplateSheet> one at least, row by row
     */
    public function sheets(float $widthMm, float $heightMm): array
    {
        [$columns, $rows] = [(int) max(1, ceil($this->widthMm / $widthMm)), (int) max(1, ceil($this->heightMm / $heightMm))];
        $sheets = [];
        for ($row = 0; $row < $rows; ++$row) {
            for ($column = 0; $column < $columns; ++$column) {
                $sheets[] = new TemplateSheet($column * $widthMm, $row * $heightMm, \count($sheets) + 1, $columns * $rows);
            }
        }

        return $sheets;
    }

    /** @return array{float, float} how wide and how high it is as it is looked at; of a lid or a floor the front edge is at the top */
    private static function size(Face $face, PlannedTank $tank): array
    {
        [$lengthMm, $widthMm, $heightMm] = $tank->body()->sizeMm();

        return match ($face->axis()) {
            0 => [$widthMm, $heightMm],
            1 => [$lengthMm, $heightMm],
            default => [$widthMm, $lengthMm],
        };
    }

    /** @return array{float, float} from its upper left corner; whoever looks at a front, a right side or a floor from outside sees it the other way round */
    private static function at(PlannedPort $port, float $widthMm, float $heightMm): array
    {
        return match ($port->face) {
            Face::Top => [$port->upMm, $port->alongMm],
            Face::Bottom => [$widthMm - $port->upMm, $port->alongMm],
            Face::Front, Face::Right => [$widthMm - $port->alongMm, $heightMm - $port->upMm],
            Face::Rear, Face::Left => [$port->alongMm, $heightMm - $port->upMm],
        };
    }
}
