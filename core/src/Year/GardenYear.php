<?php

declare(strict_types=1);

namespace Marrow\Core\Year;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\Growing;

/**
 * The year of a garden. Where frost comes every winter, all that grows goes by its spring. Where it comes rarely or never, what bears no frost goes by
 * the warm or the wet months, what likes it cool by the cool ones, both as the keeper says, and what blooms only after a winter by the sun's year.
 */
final readonly class GardenYear
{
    /** Of the handbook's garden: what likes warmth is out from May on, what likes it cool is sown from March on. */
    private const WARM = 5;

    private const COOL = 3;

    /** What names its seasons, and what nothing else is said of. */
    public SeasonShift $shift;

    private SeasonShift $cool;

    private SeasonShift $winter;

    /**
     * @param  ?float  $latitude  degrees, north positive; null where it is not known
     * @param  int  $warmFrom  month, 1 to 12, from which what likes warmth is sown where frost does not say so
     * @param  int  $coolFrom  month from which what likes it cool is
     * @param  ?float  $coolest  °C, the mean of the four coolest weeks; null where nobody knows
     */
    public function __construct(
        public ?float $latitude = null,
        public Frosts $frosts = new Frosts('04-30', '10-20'),
        private int $warmFrom = 5,
        private int $coolFrom = 11,
        public ?float $coolest = null,
    ) {
        if ($frosts->comes === FrostComes::Yearly) {
            $this->shift = $this->cool = $this->winter = SeasonShift::of($latitude, $frosts->last);
        } else {
            $this->shift = SeasonShift::turned(YearTurn::between(self::WARM, $warmFrom), $latitude);
            $this->cool = SeasonShift::turned(YearTurn::between(self::COOL, $coolFrom), $latitude);
            $this->winter = SeasonShift::bySun($latitude);
        }
    }

    /** The same garden with the frosts of another year. */
    public function withFrosts(string $last, string $first): self
    {
        return new self($this->latitude, new Frosts($last, $first, $this->frosts->comes), $this->warmFrom, $this->coolFrom, $this->coolest);
    }

    public function goesByFrost(): bool
    {
        return $this->frosts->comes === FrostComes::Yearly;
    }

    /** The part of the year that a crop goes by. */
    public function shiftOf(Growing $growing): SeasonShift
    {
        return match (true) {
            $growing->frostTender => $this->shift,
            $growing->sowings[0]->years > 0 => $this->winter,
            default => $this->cool,
        };
    }

    /** The month, 1 to 12, from which a crop is out or sown where frost does not say so; null of what goes by the sun's year, and where frost comes every winter. */
    public function from(Growing $growing): ?int
    {
        return match ($this->goesByFrost() ? null : $this->shiftOf($growing)) {
            null, $this->winter => null,
            $this->shift => $this->warmFrom,
            default => $this->coolFrom,
        };
    }

    /** Whether it is cold enough here for a crop that blooms after a winter; what needs none has enough. */
    public function chill(Crop $crop): Chill
    {
        return $crop->winter?->coldWeeks === null ? Chill::Enough : Chill::of($this->coolest, $this->frosts->comes);
    }

    /**
     * When days are as a crop that goes by them wants them; null where it does not, or nobody knows where the garden lies.
     *
     * @return array{\DateTimeImmutable, \DateTimeImmutable}|bool|null as DayLength::season()
     */
    public function light(Crop $crop): array|bool|null
    {
        return $crop->growing->light === null || $this->latitude === null ? null : DayLength::season($crop->growing->light, $this->latitude);
    }

    /** Whether a crop can be known to bloom here not at all. */
    public function cannotBloom(Crop $crop): bool
    {
        return $this->chill($crop) === Chill::TooWarm || ($crop->growing->light !== null && $this->latitude !== null && ! DayLength::everSuits($crop->growing->light, $this->latitude));
    }
}
