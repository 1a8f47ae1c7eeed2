<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/** How an end joins. */
enum EndSystem: string
{
    case Thread = 'thread';
    /** A ridged spigot for a hose. */
    case Barb = 'barb';
    case Hose = 'hose';
    case Tube = 'tube';
    /** Takes a tube and grips it. */
    case Push = 'push';
    /** A spigot for a tube that is crimped or clamped on. */
    case Crimp = 'crimp';
    case CrimpTube = 'crimp_tube';
    case Compression = 'compression';
    case Solvent = 'solvent';
    /** A rubber ring in a hole, for a tube. */
    case Grommet = 'grommet';
    /** A coupling that fits only its counterpart. */
    case Own = 'own';

    public function word(): string
    {
        return match ($this) {
            self::Thread => 'thread',
            self::Barb => 'barb for a hose',
            self::Hose => 'hose',
            self::Tube => 'tube',
            self::Push => 'push-fit socket',
            self::Crimp => 'crimp spigot',
            self::CrimpTube => 'tube for crimping',
            self::Compression => 'compression fitting',
            self::Solvent => 'socket for cement',
            self::Grommet => 'rubber grommet',
            self::Own => 'coupling of its own family',
        };
    }
}
