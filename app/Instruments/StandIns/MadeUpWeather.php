<?php

declare(strict_types=1);

namespace App\Instruments\StandIns;

use DateTimeImmutable;
use Marrow\Core\Year\YearTurn;

/**
 * Weather that never was, from a seed number, with a forecast that is wrong as forecasts are (in the south with its seasons half a year on): rain foretold right three days in
 * four, nights foretold within 2 °C and half a degree too warm.
 */
final readonly class MadeUpWeather
{
    private const RIGHT = 0.75;

    private const RAINY = 0.4;

    public function __construct(private int $seed, private YearTurn $turn = new YearTurn) {}

    /** @return array{low: float, high: float, rain: float, wind: float, from: float} what came on a day */
    public function came(DateTimeImmutable $day): array
    {
        $z = (int) $this->turn->inBook($day)->format('z');
        $mean = 10.0 - 7.0 * cos(2 * M_PI * ($z - 20) / 365) + 5.0 * ($this->chance('mean', $day) - 0.5);
        $rains = $this->chance('rain', $day) < self::RAINY;

        return [
            'low' => round($mean - 3.0 - 3.0 * $this->chance('low', $day), 1),
            'high' => round($mean + 3.0 + 4.0 * $this->chance('high', $day), 1),
            'rain' => $rains ? round(1.0 + 12.0 * $this->chance('much', $day) ** 2, 1) : 0.0,
            'wind' => round(2.0 + 8.0 * $this->chance('wind', $day) ** 2, 1),
            'from' => round(200.0 + 120.0 * ($this->chance('from', $day) - 0.5)),
        ];
    }

    /** @return array{day: string, low_c: float, high_c: float, rain_mm: float, rain_chance: float, wind_ms: float} what was foretold of it */
    public function foretold(DateTimeImmutable $day): array
    {
        $came = $this->came($day);
        $rains = ($came['rain'] > 0.0) === ($this->chance('right', $day) < self::RIGHT);

        return [
            'day' => $day->format('Y-m-d'),
            'low_c' => round($came['low'] + 0.5 + 3.0 * ($this->chance('off', $day) - 0.5), 1),
            'high_c' => round($came['high'] + 3.0 * ($this->chance('up', $day) - 0.5), 1),
            'rain_mm' => $rains ? max(1.0, $came['rain']) : 0.0,
            'rain_chance' => $rains ? round(0.6 + 0.3 * $this->chance('sure', $day), 2) : round(0.35 * $this->chance('sure', $day), 2),
            'wind_ms' => $came['wind'],
        ];
    }

    /** @return array{readings: list<array<string, float|string>>, forecast: list<array<string, float|string>>} as a station with a forecast sends it */
    public function sent(DateTimeImmutable $now): array
    {
        $readings = [];
        for ($at = $now->modify('-1 day')->setTime((int) $now->format('G'), 0); $at <= $now; $at = $at->modify('+1 hour')) {
            $day = $this->came($at);
            $warm = (1 - cos(2 * M_PI * ((int) $at->format('G') - 4) / 24)) / 2;
            $readings[] = ['at' => $at->format('Y-m-d\TH:00:00'), 'temperature_c' => round($day['low'] + $warm * ($day['high'] - $day['low']), 1), 'rh' => round(90 - 35 * $warm), 'rain_mm' => round($day['rain'] / 24, 2), 'wind_ms' => $day['wind'], 'wind_from' => $day['from']];
        }

        return ['readings' => $readings, 'forecast' => array_map(fn (int $days): array => $this->foretold($now->modify("+$days days")), range(0, 6))];
    }

    private function chance(string $of, DateTimeImmutable $day): float
    {
        return Dice::thrown($this->seed, $of, $this->turn->inBook($day)->format('Y-m-d'));
    }
}
