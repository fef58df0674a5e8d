<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\InvalidFigure;

/** How long a cold container must stand closed before it is opened, so that no dew wets the seed. */
final readonly class JarOpening
{
    /** Opened this much above the dew point, °C, so that a cold middle of the jar is past it too. */
    public const MARGIN = 1.0;

    /** @param  float|null  $waitMinutes null when the air is so damp that even a jar at room temperature is within the margin */
    private function __construct(
        public float $dewPoint,
        public bool $dewForms,
        public ?float $waitMinutes,
    ) {}

    /**
     * Newton warming: the jar closes in on the room by the same share in equal times.
     *
     * @param  float  $storeTemperature  °C, −40 … 60
     * @param  float  $timeConstant  minutes in which the difference falls to 37 %, 1 … 10,000: about 40 for a pint jar
     *
     * @throws InvalidFigure
     */
    public static function of(float $storeTemperature, Air $room, float $timeConstant): self
    {
        InvalidFigure::unlessWithin('store_temperature', $storeTemperature, Air::MIN_TEMPERATURE, Air::MAX_TEMPERATURE, '°C');
        InvalidFigure::unlessWithin('time_constant', $timeConstant, 1.0, 10_000.0, 'minutes');
        $dewPoint = $room->dewPoint();
        if ($storeTemperature >= $dewPoint) {
            return new self($dewPoint, false, 0.0);
        }
        $safe = $dewPoint + self::MARGIN;
        if ($safe >= $room->temperature) {
            return new self($dewPoint, true, null);
        }

        return new self($dewPoint, true, $timeConstant * log(($room->temperature - $storeTemperature) / ($room->temperature - $safe)));
    }

    /** °C of a jar so many minutes out of its store: what $waitMinutes is solved from. */
    public static function temperatureAfter(float $minutes, float $storeTemperature, float $roomTemperature, float $timeConstant): float
    {
        return $roomTemperature - ($roomTemperature - $storeTemperature) * exp(-$minutes / $timeConstant);
    }
}
