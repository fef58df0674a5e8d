<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\SeedPest;

/** What eats the seed of a crop, and what ends it. */
final class PestWords
{
    /** "7 days at −18 °C end it: …"; empty where freezing is not the way. */
    public static function freezing(SeedPest $pest): string
    {
        return $pest->freezeAt === null || $pest->freezeDays === null || $pest->freezeBelow === null ? '' : sprintf(
            '%d days at %s end it: in a closed jar, the seed below %s first, and thawed before the jar is opened.',
            $pest->freezeDays,
            Quantity::temperature($pest->freezeAt),
            Quantity::moisture($pest->freezeBelow),
        );
    }

    /** What is said as seed goes into store: of pests that go on from seed to seed there. Empty where there are none. */
    public static function inStore(Crop $crop): string
    {
        $breeding = array_filter($crop->health->pests, static fn (SeedPest $pest): bool => $pest->breedsInStore && $pest->freezeAt !== null);

        return implode(' ', array_map(static fn (SeedPest $pest): string => "$pest->name: ".self::freezing($pest), $breeding));
    }
}
