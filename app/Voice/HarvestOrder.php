<?php

declare(strict_types=1);

namespace App\Voice;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\Shattering;

/** How a crop whose seed falls by itself is harvested: each has the order that fits it. */
final class HarvestOrder
{
    /** How seed that falls by itself is caught; null where it holds. */
    public static function of(Crop $crop): ?string
    {
        return match ($crop->ripening->shatters) {
            null => null,
            Shattering::Sheet => 'Ripe seed falls by itself: cut the stems before the last of it is ripe, in the dew of the morning, and finish them under cover on a sheet.',
            Shattering::PaperBag => 'Ripe seed falls by itself: cut the heads a little before, and finish them head down in a paper bag.',
            Shattering::Rack => 'Pods split in dry heat: pull whole plants before the first do, and finish them on a rack or hung up under cover.',
            Shattering::PickOften => 'Ripe seed falls by itself, some every day: pick what is ripe every day or two.',
            Shattering::ClothBag => 'Ripe seed falls by itself: tie each head into fine cloth before, and cut it when it is brown.',
            Shattering::Shake => 'Ripe seed falls by itself, some every day: bend the heads into a pail and shake them every few days.',
            Shattering::Net => 'Birds have it before it falls: net the heads while they stand, and cut them when the seed is hard.',
            Shattering::GatherFallen => 'It falls when it is ripe and not before: gather it from under the plants every few days.',
            Shattering::PickDamp => 'Gather it as soon as it comes away at a touch, and keep it damp from that moment.',
        };
    }
}
