<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Drying\Air;
use Marrow\Core\Drying\JarOpening;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Values;

final class AirReckonings
{
    private const MAGNUS = 'Magnus with 6.112 hPa, 17.62 and 243.12 °C (WMO)';

    /** @return list<Reckoning> */
    public static function all(): array
    {
        return [self::properties(), self::shift(), self::opening()];
    }

    private static function properties(): Reckoning
    {
        return new Reckoning(
            'air.properties',
            'How much water is in this air, and when does dew form?',
            [self::temperature('temperature', 'temperature'), self::rh('rh', 'relative humidity')],
            [
                new Output('vapour_pressure', 'hPa', 'vapour pressure'),
                new Output('absolute_humidity', 'g/m³', 'water in the air'),
                new Output('dew_point', '°C', 'dew forms below'),
            ],
            self::MAGNUS.'; absolute humidity 216.7·e/(273.15 + T).',
            static function (Values $in): array {
                $air = Air::at($in->number('temperature'), $in->number('rh'));

                return [
                    'vapour_pressure' => $air->vapourPressure(),
                    'absolute_humidity' => $air->absoluteHumidity(),
                    'dew_point' => $air->dewPoint(),
                ];
            },
            also: 'dew point humidity damp condensation vapour',
        );
    }

    private static function shift(): Reckoning
    {
        return new Reckoning(
            'air.shift',
            'How damp is this air when it is warmed or cooled?',
            [
                self::temperature('temperature', 'temperature now'),
                self::rh('rh', 'relative humidity now'),
                self::temperature('to_temperature', 'temperature then'),
            ],
            [new Output('rh', 'share', 'relative humidity then')],
            'The same water in each cubic metre at another temperature; at most 1, what is over condenses. '.self::MAGNUS.'.',
            static fn (Values $in): array => [
                'rh' => Air::at($in->number('temperature'), $in->number('rh'))->rhAt($in->number('to_temperature')),
            ],
            also: 'heat warm room outside humidity dry drier',
        );
    }

    private static function opening(): Reckoning
    {
        return new Reckoning(
            'air.opening',
            'How long must a cold jar stand before I open it?',
            [
                self::temperature('store_temperature', 'temperature of the store'),
                self::temperature('room_temperature', 'temperature of the room'),
                self::rh('room_rh', 'relative humidity of the room'),
                Field::number('time_constant', 'minutes in which the jar makes up 63 % of the difference', 'minutes', 1, 10_000)->optional(40.0),
            ],
            [
                new Output('dew_point', '°C', 'dew forms below'),
                new Output('dew_forms', '', 'whether dew would form at once'),
                new Output('wait_minutes', 'minutes', 'wait'),
            ],
            'Newton warming until 1 °C above the room’s dew point. '.self::MAGNUS.'.',
            static function (Values $in): array {
                $room = Air::at($in->number('room_temperature'), $in->number('room_rh'));
                $opening = JarOpening::of($in->number('store_temperature'), $room, $in->number('time_constant'));

                return ['dew_point' => $opening->dewPoint, 'dew_forms' => $opening->dewForms, 'wait_minutes' => $opening->waitMinutes];
            },
            also: 'freezer fridge condensation wet dew thaw',
        );
    }

    private static function temperature(string $key, string $label): Field
    {
        return Field::number($key, $label, '°C', Air::MIN_TEMPERATURE, Air::MAX_TEMPERATURE);
    }

    private static function rh(string $key, string $label): Field
    {
        return Field::share($key, $label, Air::MIN_RH, 1.0);
    }
}
