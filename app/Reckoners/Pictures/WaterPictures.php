<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use App\Reckoners\Asked;
use App\Voice\Figures;
use App\Voice\Quantity;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Drying\Air;
use Marrow\Core\Drying\DryingCurve;
use Marrow\Core\Drying\JarOpening;
use Marrow\Core\Reckoning\WaterReckonings;

final readonly class WaterPictures implements Draws
{
    public function __construct(private CropReference $crops) {}

    public static function families(): array
    {
        return ['moisture', 'air', 'drying', 'desiccant'];
    }

    public function of(Asked $asked): ?Picture
    {
        return match ($asked->name) {
            'moisture.equilibrium' => $this->equilibrium($asked, $asked->in->number('rh'), $asked->figure('moisture')),
            'moisture.seed_rh' => $this->equilibrium($asked, $asked->figure('rh'), $asked->in->number('moisture')),
            'air.shift' => self::shift($asked),
            'air.opening' => self::opening($asked),
            'drying.curve' => self::course($asked),
            'desiccant.changes' => self::changes($asked),
            default => null,
        };
    }

    private function equilibrium(Asked $asked, float $rh, float $moisture): Picture
    {
        $balance = WaterReckonings::balance($asked->in, $this->crops);
        $settles = static fn (float $rh): float => $balance->moisture($rh, $asked->in->number('temperature'));

        return new Picture(
            sprintf('Moisture that seed settles to, by the humidity of the air: %s at %s.', Quantity::moisture($moisture), Quantity::percent($rh)),
            new Axis('humidity of the air', '%', 0, 1),
            new Axis('moisture of the seed, %', '', 0, max(20.0, ceil($moisture / 5) * 5)),
            Picture::sample(0.02, 0.95, $settles),
            dots: [[$rh, $moisture]],
            marks: [new Mark('x', 0.40, 'dry enough for a jar')],
        );
    }

    private static function changes(Asked $asked): ?Picture
    {
        $changes = $asked->count('changes');
        if ($changes === 0 || $changes > Picture::POINTS) {
            return null;
        }
        // Each filling takes up as much as the next, until no more has to go.
        $units = $asked->units;
        $water = $asked->figure('water');
        $each = $water * $asked->in->number('amount') / $asked->figure('amount_for_one');
        $line = Picture::sampleWhole(0, $changes, static fn (int $n): float => $units->fromCore('g', min($water, $n * $each)));

        return new Picture(
            sprintf('Water taken up, filling by filling, until %s have gone.', $asked->grams($water)),
            new Axis('fillings', '', 0, $changes + 1.0),
            new Axis('water taken up', $units->unit('g'), 0, $units->fromCore('g', $water) * 1.15),
            $line,
            dots: array_slice($line, 1),
            marks: [new Mark('y', $units->fromCore('g', $water), 'all that has to go')],
        );
    }

    private static function shift(Asked $asked): Picture
    {
        $units = $asked->units;
        $air = Air::at($asked->in->number('temperature'), $asked->in->number('rh'));
        $to = $asked->in->number('to_temperature');
        $ends = [max(Air::MIN_TEMPERATURE, min($air->temperature, $to) - 3), min(Air::MAX_TEMPERATURE, max($air->temperature, $to) + 3)];
        $line = array_map(
            static fn (array $point): array => [$units->fromCore('°C', $point[0]), $point[1]],
            Picture::sample($ends[0], $ends[1], $air->rhAt(...)),
        );

        return new Picture(
            'Relative humidity of the same air as it is warmed or cooled.',
            new Axis('temperature', $units->unit('°C'), $units->fromCore('°C', $ends[0]), $units->fromCore('°C', $ends[1])),
            new Axis('humidity', '%', 0, 1),
            $line,
            dots: [[$units->fromCore('°C', $air->temperature), $air->rh], [$units->fromCore('°C', $to), $asked->figure('rh')]],
        );
    }

    private static function opening(Asked $asked): ?Picture
    {
        if (! $asked->has('wait_minutes') || $asked->figure('wait_minutes') <= 0.0) {
            return null;
        }
        $units = $asked->units;
        $wait = $asked->figure('wait_minutes');
        $warming = static fn (float $minutes): float => $units->fromCore('°C', JarOpening::temperatureAfter(
            $minutes,
            $asked->in->number('store_temperature'),
            $asked->in->number('room_temperature'),
            $asked->in->number('time_constant'),
        ));
        $store = $units->fromCore('°C', $asked->in->number('store_temperature'));
        $room = $units->fromCore('°C', $asked->in->number('room_temperature'));

        return new Picture(
            sprintf('The jar warms towards the room and is safe to open after %s.', Figures::count((int) ceil($wait), 'minute')),
            new Axis('minutes out of the store', '', 0, $wait * 2),
            new Axis('jar', $units->unit('°C'), min($store, $room) - 1, max($store, $room) + 1),
            Picture::sample(0, $wait * 2, $warming),
            dots: [[$wait, $warming($wait)]],
            marks: [new Mark('y', $units->fromCore('°C', $asked->figure('dew_point')), 'dew forms below', true)],
        );
    }

    private static function course(Asked $asked): Picture
    {
        $units = $asked->units;
        $hours = $asked->in->numbers('hours');
        $masses = $asked->in->numbers('masses');
        $curve = DryingCurve::fit($hours, $masses);
        $last = $hours[count($hours) - 1] ?? 1.0;
        $to = max($last * 1.15, min($asked->has('hours_to_target') ? $asked->figure('hours_to_target') * 1.1 : 0.0, $last * 6));
        $grams = static fn (float $g): float => $units->fromCore('g', $g);
        $marks = [new Mark('y', $grams($curve->finalMass), 'where it is heading')];
        if ($asked->in->has('target_mass')) {
            $marks[] = new Mark('y', $grams($asked->in->number('target_mass')), 'wanted', true);
        }
        $least = $grams(min([$curve->finalMass, $asked->in->has('target_mass') ? $asked->in->number('target_mass') : INF, ...$masses]));
        $most = $grams(max([0.0, ...$masses]));

        return new Picture(
            sprintf('What it weighs, falling towards %s.', $asked->grams($curve->finalMass)),
            new Axis('hours since it was spread', '', 0, $to),
            new Axis('it weighs', $units->unit('g'), $least - ($most - $least) * 0.15, $most + ($most - $least) * 0.05),
            Picture::sample(0, $to, static fn (float $h): float => $grams($curve->massAt($h))),
            dots: array_map(static fn (float $h, float $g): array => [$h, $grams($g)], $hours, $masses),
            marks: $marks,
        );
    }
}
