<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Input\NamedChoice;

/** What is bought beside the parts and the pipes of the line. */
enum FittingKind: string implements NamedChoice
{
    case Adapter = 'adapter';
    case TankFitting = 'tank_fitting';
    /** For fills, vents, drains and waste: what carries water under pressure is a pipe of the line. */
    case Hose = 'hose';
    case Clamp = 'clamp';
    case Ring = 'ring';
    case CrimpRing = 'crimp_ring';
    case Insert = 'insert';
    case Grommet = 'grommet';
    case WallPlate = 'wall_plate';
    case Clip = 'clip';
    case Tape = 'tape';
    case Paste = 'paste';
    case Cement = 'cement';
    case FlatWasher = 'flat_washer';
    case Insulation = 'insulation';
    case ChafeSleeve = 'chafe_sleeve';
    case Cable = 'cable';
    case Fuse = 'fuse';
    case FuseHolder = 'fuse_holder';
    case PumpSwitch = 'pump_switch';
    case Screw = 'screw';
    case RivetNut = 'rivet_nut';
    case Bolt = 'bolt';
    case Strap = 'strap';
    case EdgePaint = 'edge_paint';
    case SealingCompound = 'sealing_compound';
    case Spare = 'spare';
    case Tool = 'tool';

    public function word(): string
    {
        return match ($this) {
            self::TankFitting => 'tank and wall fitting',
            self::Clamp => 'screwed hose clamp',
            self::Ring => 'ring for a hose',
            self::CrimpRing => 'ring for a crimped pipe',
            self::Insert => 'insert for a pipe',
            self::Tape => 'thread tape',
            self::Paste => 'thread paste',
            self::Cement => 'solvent cement',
            self::ChafeSleeve => 'sleeve against chafing',
            self::EdgePaint => 'paint for cut edges',
            default => str_replace('_', ' ', $this->value),
        };
    }

    public function family(): FittingFamily
    {
        return match ($this) {
            self::Adapter => FittingFamily::Adapter,
            self::TankFitting => FittingFamily::TankFitting,
            self::Hose => FittingFamily::Hose,
            self::Clamp, self::Ring, self::CrimpRing => FittingFamily::Band,
            self::Insert, self::Clip, self::Grommet => FittingFamily::TubeClip,
            self::Tape, self::Paste, self::Cement, self::FlatWasher, self::SealingCompound => FittingFamily::Sealant,
            self::Insulation, self::ChafeSleeve => FittingFamily::Sleeve,
            self::Cable => FittingFamily::Cable,
            self::Fuse, self::FuseHolder, self::PumpSwitch => FittingFamily::Fuse,
            self::Screw, self::RivetNut, self::Bolt, self::Strap => FittingFamily::Fixing,
            self::WallPlate, self::EdgePaint => FittingFamily::Cover,
            self::Spare => FittingFamily::Spare,
            self::Tool => FittingFamily::Tool,
        };
    }

    public function shop(): Shop
    {
        return match ($this->family()) {
            FittingFamily::Cable, FittingFamily::Fuse => Shop::Electrical,
            FittingFamily::Fixing, FittingFamily::Cover, FittingFamily::Tool => Shop::Hardware,
            FittingFamily::TankFitting, FittingFamily::Hose, FittingFamily::Spare => Shop::Camper,
            default => Shop::Plumbing,
        };
    }
}
