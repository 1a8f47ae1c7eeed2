<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

/** What decides of something that is bought beside the parts of the line; each family has its own. */
interface FittingFigures
{
}
