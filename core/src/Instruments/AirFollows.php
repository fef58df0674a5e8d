<?php

declare(strict_types=1);

namespace Marrow\Core\Instruments;

/** When the air of a place is written down anew because its logger tells another than is known: seed follows it in weeks. */
final class AirFollows
{
    /** Days over which its readings are taken together. */
    public const DAYS = 7;

    /** °C and per cent by which it must differ. */
    private const TEMPERATURE = 1.0;

    private const HUMIDITY = 4.0;

    /**
     * @param  list<float>  $temperatures  °C, the means of the last days that were read, at most DAYS of them
     * @param  list<float>  $humidities  per cent, likewise
     * @param  ?float  $knownTemperature  °C, as it is known now; null where nobody measured it
     * @param  ?float  $knownHumidity  per cent, likewise
     * @return ?array{float, ?float} °C and per cent to write down; null where it is as known, or was read on too few days
     */
    public static function anew(array $temperatures, array $humidities, ?float $knownTemperature, ?float $knownHumidity): ?array
    {
        if (count($temperatures) < 3) {
            return null;
        }
        $mean = static fn (array $of): float => round(array_sum($of) / count($of), 1);
        $temperature = $mean($temperatures);
        $humidity = count($humidities) < 3 ? null : max(2.0, min(97.0, $mean($humidities)));
        $isAnother = $knownTemperature === null || abs($temperature - $knownTemperature) >= self::TEMPERATURE
            || ($humidity !== null && ($knownHumidity === null || abs($humidity - $knownHumidity) >= self::HUMIDITY));

        return $isAnother ? [max(-30.0, min(45.0, $temperature)), $humidity ?? $knownHumidity] : null;
    }
}
