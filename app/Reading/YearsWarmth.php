<?php

declare(strict_types=1);

namespace App\Reading;

use App\Clock;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Year\Warmth;

/** How warm this season is against the years before, by what a weather station here measured. */
final class YearsWarmth
{
    /** Days of the year that must have been measured in the years before. */
    private const A_YEAR = 330;

    /** Days on either side that are taken together, or one year's weather would be the rule. */
    private const SMOOTH = 7;

    private ?Warmth $warmth = null;

    public function __construct(private readonly Clock $clock, private readonly Practice $practice) {}

    /** Where this season's warmth is not to count: of a day in the past. */
    public function unmeasured(): self
    {
        $warmth = clone $this;
        $warmth->warmth = Warmth::unknown();

        return $warmth;
    }

    public function get(): Warmth
    {
        return $this->warmth ??= $this->read();
    }

    private function read(): Warmth
    {
        $now = $this->clock->now();
        $turn = $this->practice->year->shift->turn;
        // What is of this season has come; what was before it tells what is usual.
        $begins = $turn->begins($turn->season($now), $now)->format('Y-m-d');
        $sums = $came = [];
        foreach (DB::select("SELECT d.day, min(d.least) AS low, max(d.greatest) AS high FROM instruments i CROSS JOIN reading_days d ON d.instrument_id = i.id AND d.measure = 'temperature' WHERE i.kind = 'weather' AND i.gone = 0 GROUP BY d.day ORDER BY d.day") as $row) {
            /** @var object{day: string, low: float, high: float} $row */
            $mean = ($row->low + $row->high) / 2;
            // Today is not over.
            if ($row->day >= $begins && $row->day < $now->format('Y-m-d')) {
                $came[$row->day] = $mean;
            } elseif ($row->day < $begins) {
                $sums[substr($row->day, 5)][] = $mean;
            }
        }

        return count($sums) < self::A_YEAR ? Warmth::unknown() : new Warmth($came, self::smooth($sums));
    }

    /**
     * @param  array<string, list<float>>  $sums  by month and day
     * @return array<string, float>
     */
    private static function smooth(array $sums): array
    {
        $usual = [];
        for ($n = 0; $n < 366; $n++) {
            $day = (new \DateTimeImmutable('2024-01-01'))->modify("+$n days");
            $around = [];
            for ($off = -self::SMOOTH; $off <= self::SMOOTH; $off++) {
                array_push($around, ...$sums[$day->modify("$off days")->format('m-d')] ?? []);
            }
            if ($around !== []) {
                $usual[$day->format('m-d')] = array_sum($around) / count($around);
            }
        }

        return $usual;
    }
}
