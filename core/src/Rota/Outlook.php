<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\Portioning;
use Marrow\Core\Lot\PortionWish;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Statistics\Normal;
use Marrow\Core\Storage\Ageing;
use Marrow\Core\Storage\AgeingSegment;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Storage\LotPace;
use Marrow\Core\Storage\StorePace;

/**
 * What seed can still do, season by season: the chance that enough of it lives, when it is sown, to renew its line. By the lot's
 * forecast where there is one; else by how long such seed ordinarily keeps, give or take.
 */
final readonly class Outlook
{
    private const MOST_SHARE = 0.99;

    /** Seed without a forecast may keep twice its ordinary years, or be gone by then: as a logarithm, one standard deviation. */
    private const SPREAD_OF_YEARS = 0.5;

    private const TIMES_ORDINARY = 2.0;

    /** Part of a year that is past when most seed is ripe: mid-September, of the handbook's year. */
    private const RIPE_MONTH = 9.5;

    /**
     * @param  int  $first  season
     * @param  int  $years  of the rota; one more is told
     */
    public function __construct(private int $first, private int $years, private Practice $practice) {}

    /**
     * Of a lot, by the season in which it is sown.
     *
     * @param  int  $plants  the fewest with which the line goes on
     * @return list<float> 0 … 1, never rising
     */
    public function ofLot(LotCourse $lot, int $plants): array
    {
        $seeds = $lot->stock->stock->seeds();
        if ($lot->isUsedUp() || $lot->isMissing() || $lot->facts->crossed || $seeds !== null && $seeds < 1.0) {
            return array_fill(0, $this->years + 1, 0.0);
        }
        $share = self::shareWanted($plants, $seeds);
        if ($share === null) {
            return array_fill(0, $this->years + 1, 0.0);
        }
        $forecast = $lot->forecast();
        $born = $lot->origin->year() ?? (int) ($lot->storing->since ?? $lot->origin->firstAt() ?? $this->sowing($lot->facts->crop, 0))->format('Y') - 1;

        return $this->falling(fn (int $year): float => $forecast === null
            ? self::keeps($lot->facts->crop, $this->first + $year - $born)
            : 1.0 - $forecast->chanceBelow($share, $this->sowing($lot->facts->crop, $year)));
    }

    /**
     * Of seed harvested in the first season, by years since, kept as a lot of the line is now; in an ordinary room where there is
     * none.
     *
     * @return list<float> 0 … 1, never rising; 1 in the year of its harvest
     */
    public function ofNewSeed(Crop $crop, ?LotCourse $like): array
    {
        $turn = $this->practice->year->shiftOf($crop->growing)->turn;
        $ripe = $turn->here(new \DateTimeImmutable(sprintf('%04d-%02d-15', $this->first, (int) self::RIPE_MONTH)));
        $forecast = $this->fresh($crop, $like, $ripe);

        return $this->falling(fn (int $year): float => match (true) {
            $year === 0 => 1.0,
            $forecast === null => self::keeps($crop, $year),
            default => 1.0 - $forecast->chanceBelow(Portioning::LEAST_ALIVE, $this->sowing($crop, $year)),
        });
    }

    /** How many growings so many seeds suffice for, the last of them on the poorest seed; null where nobody knows how many there are. */
    public static function growings(?float $seeds, int $plants, float $share): ?int
    {
        return $seeds === null ? null : (int) floor(max(0.0, $seeds) * PortionWish::FIELD * max(Portioning::LEAST_ALIVE, $share) / max(1, $plants));
    }

    /** Which share must live for so many plants from so many seeds; null where even all would give too few. */
    private static function shareWanted(int $plants, ?float $seeds): ?float
    {
        $wanted = $seeds === null ? 0.0 : $plants / ($seeds * PortionWish::FIELD);

        return $wanted > self::MOST_SHARE ? null : max(Portioning::LEAST_ALIVE, $wanted);
    }

    /** Chance that seed so old can still be counted on, by the ordinary years of its crop: half of it lasts twice as long. */
    private static function keeps(Crop $crop, int $age): float
    {
        return $age <= 0 ? 1.0 : Normal::below(log(self::TIMES_ORDINARY * max(0.5, $crop->ordinaryYears) / $age) / self::SPREAD_OF_YEARS);
    }

    private function fresh(Crop $crop, ?LotCourse $like, \DateTimeImmutable $ripe): ?Forecast
    {
        if (! $crop->bearsDrying()) {
            return null;
        }
        try {
            $constants = $crop->viability();
            $as = $like?->storing->segmentsSince($ripe, $constants);
            $moisture = $crop->balance->moisture($this->practice->number('room_rh') / 100.0, $this->practice->number('room_temperature'));
            $last = $as === null || $as === [] ? null : $as[count($as) - 1];
            $segment = new AgeingSegment($ripe, $last->sigmaDays ?? $constants->sigma($moisture, $this->practice->number('room_temperature')), $last->away ?? $constants->awayFromCupboard($moisture));
            [$slower, $spread] = ($like->facts->store ?? StorePace::unknown())->expected($constants->basis);

            return Forecast::of(Ageing::of($ripe, [$segment]), LotPace::untested($this->practice->untestedShare, $slower, $spread), $constants->basis);
        } catch (InvalidFigure) {
            return null;
        }
    }

    private function sowing(Crop $crop, int $year): \DateTimeImmutable
    {
        return Portioning::sowing($crop, $this->first + $year, $this->practice->year);
    }

    /**
     * @param  \Closure(int): float  $chance
     * @return list<float>
     */
    private function falling(\Closure $chance): array
    {
        $chances = [];
        $last = 1.0;
        for ($year = 0; $year <= $this->years; $year++) {
            $chances[] = $last = max(0.0, min($last, $chance($year)));
        }

        return $chances;
    }
}
