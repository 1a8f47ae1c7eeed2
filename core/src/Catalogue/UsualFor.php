<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

/** The jobs for which the catalogue names a default part or pipe. */
enum UsualFor: string
{
    case ShutOff = 'shut_off';
    case NonReturn = 'non_return';
    case Strainer = 'strainer';
    case Tee = 'tee';
    /** A valve that draws from one of two tanks. */
    case Selector = 'selector';
    /** For a line without one. */
    case Shower = 'shower';
    case Drain = 'drain';
    case Cap = 'cap';
    /** Behind a mains inlet. */
    case MainsRegulator = 'mains_regulator';
    /** Behind a mains inlet, so that nothing flows back into the mains. */
    case MainsCheck = 'mains_check';
    /** Before the inlet of a tank that is filled from a stream. */
    case RawTreatment = 'raw_treatment';
    /** Before the inlet of a tank that mains fills. */
    case InflowBreak = 'inflow_break';
    /** Before a heater that stores hot water. */
    case HeaterNonReturn = 'heater_non_return';
    case HeaterRelief = 'heater_relief';
    case HeaterExpansion = 'heater_expansion';
    /** Behind a heater whose water scalds. */
    case HotMixing = 'hot_mixing';
    /** By the metre. */
    case Hose = 'hose';
    case HotPipe = 'hot_pipe';
}
