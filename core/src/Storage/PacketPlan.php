<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Sowing\SeedsNeeded;

/** Seed parted into a packet for each year's sowing, later ones fuller as the seed ages, so that the rest stays shut. */
final readonly class PacketPlan
{
    public const MOST_YEARS = 50;

    private const DAYS_A_YEAR = 365.25;

    /** Shares that stand for all that a year's may be. */
    private const SHARES = 31;

    /**
     * @param  list<int>  $perPacket  seeds in the packet of this year, the next …
     * @param  int  $left  seeds beyond the packets, the reserve included
     */
    private function __construct(public array $perPacket, public int $left) {}

    /**
     * @param  \Closure(int): non-empty-list<float>  $sharesInYear  what may germinate in a year, each as likely as the next; 0 is this year
     * @param  int  $reserve  seeds that are never packed, at most $seeds
     *
     * @throws InvalidFigure
     */
    public static function of(int $seeds, int $reserve, int $plants, int $years, \Closure $sharesInYear, float $confidence = 0.95, float $fieldFactor = 1.0): self
    {
        InvalidFigure::unlessWithin('seeds', $seeds, 1, 100_000_000);
        InvalidFigure::unlessWithin('reserve', $reserve, 0, $seeds, 'seeds');
        InvalidFigure::unlessWithin('years', $years, 1, self::MOST_YEARS);
        $left = $seeds - $reserve;
        $packets = [];
        for ($year = 0; $year < $years; $year++) {
            try {
                $packet = SeedsNeeded::fromShares($plants, $sharesInYear($year), $confidence, $fieldFactor);
            } catch (InvalidFigure $e) {
                if ($year === 0) {
                    throw $e;
                }
                // By then too little is alive for any number of seeds: the packets end here.
                break;
            }
            if ($packet > $left) {
                break;
            }
            $packets[] = $packet;
            $left -= $packet;
        }

        return new self($packets, $left + $reserve);
    }

    /**
     * Shares by the viability equation in one store, with all that is not known of the start and of the pace: by the middle
     * forecast alone, packets for a later year would often give too few plants.
     *
     * @param  LotPace  $pace  as it is now
     * @return \Closure(int): non-empty-list<float>
     *
     * @throws InvalidFigure
     */
    public static function ageing(ViabilityConstants $constants, float $moisture, float $temperature, LotPace $pace): \Closure
    {
        $now = new \DateTimeImmutable('2000-01-01');
        $store = new AgeingSegment($now, $constants->sigma($moisture, $temperature), $constants->awayFromCupboard($moisture));
        $forecast = Forecast::of(Ageing::of($now, [$store]), $pace, $constants->basis);

        return static fn (int $year): array => $forecast->sharesAt($now->modify(sprintf('+%d days', (int) round($year * self::DAYS_A_YEAR))), self::SHARES);
    }

    public function yearsCovered(): int
    {
        return count($this->perPacket);
    }
}
