<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use App\Voice\When;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Storing\Freezing;
use Marrow\Core\Steps\Storing\OpeningStrand;

/** What is said before a container is opened that is colder than the room: at the form, while the hand is about to do it. */
final class ColdWords
{
    /** @return list<string> none where nothing is cold, or what is done opens nothing */
    public static function at(LotCourse $lot, Kind $kind, When $when): array
    {
        if (! OpeningStrand::opens($kind)) {
            return [];
        }
        $main = $lot->storing->main();
        foreach ($lot->storing->containers() as $kept) {
            if ($kept->coldUntil !== null && $kept->coldUntil > $when->now) {
                return [sprintf('Leave it shut until %s: it came out of the cold, and opened before that water from the air settles on the seed.', $when->minute($kept->coldUntil))];
            }
        }

        return $main !== null && Freezing::is($main->at)
            ? [sprintf('It lies in %s, at %s. Bring it into the room shut, and open it when it is warm.', $main->at->name, Quantity::temperature($main->at->temperatureC))]
            : [];
    }
}
