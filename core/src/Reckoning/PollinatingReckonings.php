<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Values;
use Marrow\Core\Pollinating\SunTimes;

final class PollinatingReckonings
{
    /** @return list<Reckoning> */
    public static function all(): array
    {
        return [self::sun()];
    }

    private static function sun(): Reckoning
    {
        return new Reckoning(
            'sun.times',
            'When does the sun rise and set here?',
            [
                Field::number('latitude', 'latitude, north of the equator positive', '°', -90, 90),
                Field::number('longitude', 'longitude, east of Greenwich positive', '°', -180, 180),
                Field::day('date', 'the day'),
                Field::text('zone', 'time zone', 60)->optional('UTC')->hint('As Europe/London'),
            ],
            [
                new Output('dawn', '', 'light enough to work'),
                new Output('rise', '', 'sunrise'),
                new Output('set', '', 'sunset'),
                new Output('dusk', '', 'too dark to work'),
                new Output('day_hours', 'hours', 'from sunrise to sunset'),
            ],
            'PHP’s date_sun_info: the upper rim at a level horizon; dawn and dusk are civil twilight.',
            static function (Values $in): array {
                $zone = trim($in->text('zone'));
                if (! in_array($zone, \DateTimeZone::listIdentifiers(), true)) {
                    throw Refused::at('zone', 'That is no time zone. Write it as Europe/London or America/New_York.');
                }
                $sun = SunTimes::of($in->number('latitude'), $in->number('longitude'), new \DateTimeImmutable($in->text('date'), new \DateTimeZone($zone)));
                $said = static fn (?\DateTimeImmutable $at): ?string => $at?->format('H:i');

                return [
                    'dawn' => $said($sun->dawn),
                    'rise' => $said($sun->rise),
                    'set' => $said($sun->set),
                    'dusk' => $said($sun->dusk),
                    'day_hours' => $sun->rise !== null && $sun->set !== null
                        ? ($sun->set->getTimestamp() - $sun->rise->getTimestamp()) / 3600
                        : ($sun->isUp ? 24.0 : 0.0),
                ];
            },
            also: 'sunrise sunset dawn dusk daylight day length evening morning pollinate flowers shut',
        );
    }
}
