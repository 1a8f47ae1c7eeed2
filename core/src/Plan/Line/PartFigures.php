<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\PlanPart;

/** The figures that a part of a line was computed with, of one family each. */
interface PartFigures extends PlanPart
{
}
