<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** A rule that goes by the rig and by what stands where in it: a fix that changes nothing there need not ask it again. */
interface RuleOfPlaces extends Rule
{
    public const SECTIONS = ['load', 'bays', 'tanks', 'runs'];
}
