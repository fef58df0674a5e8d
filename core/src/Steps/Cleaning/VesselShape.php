<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Steps\Origin\Finishing;
use Marrow\Core\Steps\Storing\ContainerKind;

/** What a lot stands, lies or hangs in on the bench, as far as it can be drawn. */
enum VesselShape: string
{
    case Jar = 'jar';
    case Bowl = 'bowl';
    case Bucket = 'bucket';
    case Sieve = 'sieve';
    case Plate = 'plate';
    case Sack = 'sack';
    case Bag = 'bag';
    case Bundle = 'bundle';
    case Sheaf = 'sheaf';
    case Tray = 'tray';
    case Crate = 'crate';

    /** That of a vessel which was named. */
    public static function of(ContainerKind $kind): self
    {
        return match ($kind) {
            ContainerKind::Jar => self::Jar,
            ContainerKind::Bowl => self::Bowl,
            ContainerKind::Bucket => self::Bucket,
            ContainerKind::Sieve => self::Sieve,
            ContainerKind::Plate => self::Plate,
            ContainerKind::Sack, ContainerKind::ClothBag, ContainerKind::Net => self::Sack,
            ContainerKind::PaperEnvelope, ContainerKind::PlasticBag, ContainerKind::FoilPouch => self::Bag,
            ContainerKind::Box, ContainerKind::Crate, ContainerKind::Tin => self::Crate,
        };
    }

    public static function ofFinishing(Finishing $kept): self
    {
        return match ($kept) {
            Finishing::Hung => self::Bundle,
            Finishing::Sheaves => self::Sheaf,
            Finishing::Bag => self::Bag,
            Finishing::Sheet, Finishing::Rack, Finishing::Windrow => self::Tray,
        };
    }

    /** Where nobody said in what, that in which most stand then. */
    public static function usual(CleaningStage $stage, bool $isWet): self
    {
        return match ($stage) {
            CleaningStage::Uncleaned => self::Crate,
            CleaningStage::Fermenting, CleaningStage::Settling, CleaningStage::PouredOff => self::Jar,
            CleaningStage::Soaking => self::Bowl,
            CleaningStage::Threshed => self::Bucket,
            CleaningStage::Clean => $isWet ? self::Sieve : self::Bowl,
        };
    }
}
