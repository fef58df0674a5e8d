<?php

declare(strict_types=1);

namespace Marrow\Core\Lot;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Sowing\SeedsNeeded;
use Marrow\Core\Steps\Packets\Packet;
use Marrow\Core\Steps\Packets\Portioned;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Year\GardenYear;

/**
 * A lot parted into a packet for each year's sowing. Each holds the fewest seeds that give the plants in its year as surely
 * as asked, over all that the lot's forecast leaves open (docs/reckoning/storage.md); so later packets are fuller. What is
 * kept in reserve and for tests is in none.
 */
final readonly class Portioning
{
    /** Shares that stand for all that a year's may be. */
    private const SHARES = 31;

    /** Where less of it lives, no packet is made: it is to be grown out before it comes to that, not sown by the handful. */
    public const LEAST_ALIVE = 0.2;

    /** Nor where so many seeds would be wanted for each plant, because nobody knows how much will live. */
    private const MOST_A_PLANT = 20;

    /** A packet that is made only to see how it would keep. */
    private const TRIED = '~';

    /**
     * @param  list<Portion>  $portions
     * @param  float  $there  seeds outside packets that are there already
     * @param  int  $left  seeds beyond the packets, the reserve and what is kept for tests
     * @param  ?int  $failing  the first year for which none can be made
     * @param  bool  $isTooOld  whether that is because too little lives by then, and not because there is too little seed
     * @param  ?int  $wanting  seeds that the failing year would want
     */
    private function __construct(
        public PortionWish $wish,
        public array $portions,
        public float $there,
        public int $left,
        public ?int $failing,
        public bool $isTooOld,
        public ?int $wanting,
    ) {}

    /**
     * What is forecast of seed that goes into such packets now: it ages as they are kept, not as the rest is.
     *
     * @param  list<Entry>  $entries  of the lot
     */
    public static function forecast(LotFacts $facts, array $entries, Practice $practice, PortionWish $wish, \DateTimeImmutable $now): ?Forecast
    {
        $isPlace = $facts->holdings()->around($wish->place, null) !== null;
        $packets = new Portioned([$wish->first], [1], null, $wish->container, $isPlace ? $wish->place : null, $isPlace ? null : $wish->place, null, 0, [self::TRIED]);

        return LotCourse::fold($facts, [...$entries, new Entry(self::TRIED, self::TRIED, Kind::declared(Portioned::class), $packets, $now)], $practice)->forecastIn(self::TRIED);
    }

    /**
     * @param  ?Forecast  $forecast  of seed in such packets
     * @return ?self null where nobody knows how many seeds there are, or nothing says what share comes up
     */
    public static function of(LotCourse $lot, PortionWish $wish, ?Forecast $forecast): ?self
    {
        $there = $lot->packets->unpacked();
        if ($there === null || ($forecast === null && $wish->share === null)) {
            return null;
        }
        $left = (int) floor($there + 1e-6) - $wish->reserve - $wish->tests;
        $portions = [];
        $failing = $wanting = null;
        $isTooOld = false;
        for ($n = 0; $n < $wish->packets; $n++) {
            $year = $wish->year($n);
            $sowing = self::sowing($lot->facts->crop, $year, $lot->practice->year);
            $seeds = self::seeds($wish->plants, $wish->confidence, $wish->field, self::shares($forecast, $wish, $sowing));
            if ($seeds === null || $seeds > $left) {
                [$failing, $isTooOld, $wanting] = [$year, $seeds === null, $seeds];
                break;
            }
            $portions[] = new Portion($year, $sowing, $seeds, $forecast?->shareAt($sowing) ?? (float) $wish->share, $forecast?->limitsAt($sowing)->low);
            $left -= $seeds;
        }

        return new self($wish, $portions, $there, max(0, $left), $failing, $isTooOld, $wanting);
    }

    public function labels(): int
    {
        return count($this->portions) * $this->wish->labels;
    }

    public function sachets(): int
    {
        return count($this->portions) * $this->wish->sachets;
    }

    /** Of what is priced; null where nothing is. */
    public function cost(?float $packet, ?float $sachet, ?float $label): ?float
    {
        if ($packet === null && $sachet === null && $label === null) {
            return null;
        }

        return count($this->portions) * ($packet ?? 0.0) + $this->sachets() * ($sachet ?? 0.0) + $this->labels() * ($label ?? 0.0);
    }

    /** @return non-empty-list<float> */
    private static function shares(?Forecast $forecast, PortionWish $wish, \DateTimeImmutable $at): array
    {
        return $forecast?->sharesAt($at, self::SHARES) ?? [(float) $wish->share];
    }

    /**
     * Seeds that a packet would hold if it were made as the lot is known now; null where so many are enough, where it was not
     * reckoned when it was made, where nothing is forecast any more, or where too little lives by then.
     *
     * @param  ?Forecast  $forecast  of what is in it
     * @param  int  $enough  seeds
     */
    public static function wantedBeyond(LotCourse $lot, Packet $packet, ?Forecast $forecast, int $enough): ?int
    {
        if ($forecast === null || $packet->plants === null || $packet->confidence === null || $packet->field === null) {
            return null;
        }
        $shares = $forecast->sharesAt(self::sowing($lot->facts->crop, $packet->year, $lot->practice->year), self::SHARES);

        // Whether they are enough is one question; how many would be, a dozen.
        return ! self::isWorthSowing($shares) || SeedsNeeded::chanceFromShares($packet->plants, $enough, $shares, $packet->field) >= $packet->confidence
            ? null
            : self::seeds($packet->plants, $packet->confidence, $packet->field, $shares);
    }

    /** @param  non-empty-list<float>  $shares */
    private static function isWorthSowing(array $shares): bool
    {
        return array_sum($shares) >= self::LEAST_ALIVE * count($shares);
    }

    /** @param  non-empty-list<float>  $shares */
    private static function seeds(int $plants, float $confidence, float $field, array $shares): ?int
    {
        if (! self::isWorthSowing($shares)) {
            return null;
        }
        try {
            $seeds = SeedsNeeded::fromShares($plants, $shares, $confidence, $field);

            return $seeds > self::MOST_A_PLANT * $plants ? null : $seeds;
        } catch (InvalidFigure) {
            return null;
        }
    }

    /** The middle of the first month of a season in which its kind is usually sown in this garden. */
    public static function sowing(Crop $crop, int $season, GardenYear $year): \DateTimeImmutable
    {
        return $year->shiftOf($crop->growing)->turn->here(new \DateTimeImmutable(sprintf('%04d-%02d-15', $season, $crop->growing->sowings[0]->from)));
    }
}
