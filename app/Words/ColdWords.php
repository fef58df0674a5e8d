<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use App\Voice\When;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Storing\Freezing;
use Marrow\Core\Steps\Storing\Kept;
use Marrow\Core\Steps\Storing\OpeningStrand;

/** What is said before a container is opened that is colder than the room: at the form, while the hand is about to do it. */
final class ColdWords
{
    /** @return list<string> none where nothing is cold, or what is done opens nothing */
    public static function at(LotCourse $lot, Kind $kind, When $when): array
    {
        $main = $lot->storing->main();
        $warming = array_find($lot->storing->containers(), static fn (Kept $kept): bool => $kept->coldUntil !== null && $kept->coldUntil > $when->now);
        $frozen = $main !== null && Freezing::is($main->at) ? $main->at : null;
        // Most lie in the room, and then it need not be known what opens them.
        if (($warming === null && $frozen === null) || ! OpeningStrand::opens($kind)) {
            return [];
        }

        return [$warming?->coldUntil !== null
            ? sprintf('Leave it shut until %s: it came out of the cold, and opened before that water from the air settles on the seed.', $when->minute($warming->coldUntil))
            : sprintf('It lies in %s, at %s. Bring it into the room shut, and open it when it is warm.', $frozen->name, Quantity::temperature($frozen->temperatureC))];
    }
}
