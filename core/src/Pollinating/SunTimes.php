<?php

declare(strict_types=1);

namespace Marrow\Core\Pollinating;

use Marrow\Core\Fields\InvalidFigure;

/**
 * When the sun is up: flowers are shut in the evening and opened in the morning by it. Reckoned by PHP's date_sun_info: the
 * upper rim of the sun at a level horizon, with the usual refraction; dawn and dusk are civil twilight, when one sees to work.
 */
final readonly class SunTimes
{
    /** @param  bool  $isUp  at noon: where the sun neither rises nor sets, it is up all day or not at all */
    private function __construct(
        public ?\DateTimeImmutable $dawn,
        public ?\DateTimeImmutable $rise,
        public ?\DateTimeImmutable $set,
        public ?\DateTimeImmutable $dusk,
        public bool $isUp,
    ) {}

    /**
     * @param  float  $latitude  degrees, north positive, −90 … 90
     * @param  float  $longitude  degrees, east positive, −180 … 180
     * @param  \DateTimeImmutable  $day  whose zone the times are said in
     *
     * @throws InvalidFigure
     */
    public static function of(float $latitude, float $longitude, \DateTimeImmutable $day): self
    {
        InvalidFigure::unlessWithin('latitude', $latitude, -90.0, 90.0, '°');
        InvalidFigure::unlessWithin('longitude', $longitude, -180.0, 180.0, '°');
        $said = static fn (int|bool $at): ?\DateTimeImmutable => is_int($at) ? (new \DateTimeImmutable("@$at"))->setTimezone($day->getTimezone()) : null;
        $sun = self::onThatDay($latitude, $longitude, $day);

        return new self(
            $said($sun['civil_twilight_begin']),
            $said($sun['sunrise']),
            $said($sun['sunset']),
            $said($sun['civil_twilight_end']),
            is_int($sun['sunrise']) || $sun['sunrise'],
        );
    }

    /**
     * date_sun_info goes by the day in Greenwich; what is asked for is the day on which the sun stands highest here.
     *
     * @return array{sunrise: int|bool, sunset: int|bool, civil_twilight_begin: int|bool, civil_twilight_end: int|bool}
     */
    private static function onThatDay(float $latitude, float $longitude, \DateTimeImmutable $day): array
    {
        $noon = $day->setTime(12, 0)->getTimestamp();
        $days = array_map(static fn (int $other): array => date_sun_info($noon + $other, $latitude, $longitude), [-86_400, 0, 86_400]);
        usort($days, static fn (array $a, array $b): int => abs((int) $a['transit'] - $noon) <=> abs((int) $b['transit'] - $noon));

        return $days[0];
    }
}
