<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Months;
use App\Voice\Quantity;
use App\Voice\Speaking;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Year\Chill;
use Marrow\Core\Year\DayLength;
use Marrow\Core\Year\GardenYear;

/** How the year of this garden bears on a crop, in sentences. */
final readonly class GardenYearWords
{
    public function __construct(private Crop $crop, private GardenYear $year) {}

    /** By which part of the year its months are told; null where they are the handbook's own. */
    public function goesBy(): ?string
    {
        $shift = $this->year->shiftOf($this->crop->growing);
        $later = $shift->days === 0 ? '' : sprintf(' Here it is taken to be about %s %s.', Quantity::number(abs($shift->days), 'day'), $shift->days > 0 ? 'later' : 'earlier');
        if (! $this->year->goesByFrost()) {
            $from = $this->year->from($this->crop->growing);

            return match (true) {
                $from === null => 'The book is of 51° north; its months are told by the sun, for it waits for a winter.'.$later,
                $this->crop->growing->frostTender => sprintf('The book is of 51° north; where no frost says when, its months are told as for what likes warmth, out from %s on.', Months::name($from)),
                default => sprintf('The book is of 51° north; where no frost says when, its months are told as for what likes it cool, sown from %s on.', Months::name($from)),
            };
        }

        return match (true) {
            $shift->turn->isTurned() => 'The book is of 51° north; its months are turned by half a year for the southern half of the earth, as for 51° south with the last frost at the end of October.'.$later,
            $later === '' => null,
            default => 'For 51° north, with the last frost at the end of April.'.$later,
        };
    }

    /** Whether its winter is cold enough, where that is in doubt. */
    public function chill(): ?string
    {
        $weeks = $this->crop->winter?->coldWeeks;
        if ($weeks === null) {
            return null;
        }
        $takes = sprintf('it takes %d to %d weeks below about %s', $weeks[0], $weeks[1], Quantity::temperature(Chill::COLD));
        $coolest = $this->year->coolest === null ? '' : sprintf('your coolest weeks are %s in the mean', Quantity::temperature($this->year->coolest));

        return match ($this->year->chill($this->crop)) {
            Chill::Enough => null,
            Chill::Perhaps => "It may bloom only in part here, or not every year: $takes, and $coolest.",
            Chill::TooWarm => "It will not bloom here of itself: $takes, and $coolest.".($this->crop->winter->canBeLifted() ? ' What is lifted and lies that long in a refrigerator, damp and not frozen, can bloom all the same.' : ''),
            Chill::NotKnown => "Whether it blooms here is not known: $takes, and nobody has set how cool your coolest weeks are.",
        };
    }

    /** What stands against its bloom here; null where nothing that is known does. */
    public function whetherItBlooms(): ?string
    {
        return implode(' ', array_filter([$this->chill(), $this->year->light($this->crop) === false ? $this->light() : null])) ?: null;
    }

    /** When days are as it wants them to bloom; null where it does not go by them here, or nobody knows where the garden lies. */
    public function light(): ?string
    {
        [$light, $season] = [$this->crop->growing->light, $this->year->light($this->crop)];
        // Where frost comes every winter its months stand, and nothing is reckoned by it.
        if ($light === null || $season === null || $this->year->latitude === null || ($season !== false && $this->year->goesByFrost())) {
            return null;
        }
        $wants = sprintf('days %s than about %s', $light->isShort ? 'shorter' : 'longer', self::hours($light->hours));
        if ($season === false) {
            return sprintf('It will not bloom here: it wants %s, and the %s here has %s.', $wants, $light->isShort ? 'shortest' : 'longest', self::hours(DayLength::extreme($light->isShort, $this->year->latitude)));
        }

        return sprintf('It blooms on %s: here %s.', $wants, $season === true ? 'all the year' : sprintf('from %s to %s', Speaking::forms()->anyYear($season[0]), Speaking::forms()->anyYear($season[1])));
    }

    private static function hours(float $hours): string
    {
        $minutes = (int) round($hours * 60);

        return intdiv($minutes, 60)."\u{00A0}h".($minutes % 60 === 0 ? '' : sprintf(" %d\u{00A0}min", $minutes % 60));
    }
}
