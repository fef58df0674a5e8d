<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use App\Reckoners\Asked;
use App\Voice\Figures;
use App\Voice\Quantity;
use DateTimeImmutable;
use Marrow\Core\Harvest\CutDay;
use Marrow\Core\Pollinating\SunTimes;

final class FieldPictures implements Draws
{
    public static function families(): array
    {
        return ['harvest', 'sun'];
    }

    public function of(Asked $asked): ?Picture
    {
        return match ($asked->name) {
            'harvest.timing' => self::timing($asked),
            'sun.times' => self::sun($asked),
            default => null,
        };
    }

    /** How long the sun is up, over the year. */
    private static function sun(Asked $asked): Picture
    {
        $day = new DateTimeImmutable($asked->in->text('date'));
        $newYear = $day->setDate((int) $day->format('Y'), 1, 1);
        $hours = static function (int $after) use ($newYear, $asked): float {
            $sun = SunTimes::of($asked->in->number('latitude'), $asked->in->number('longitude'), $newYear->modify("+$after days"));

            return $sun->rise !== null && $sun->set !== null ? ($sun->set->getTimestamp() - $sun->rise->getTimestamp()) / 3600 : ($sun->isUp ? 24.0 : 0.0);
        };

        return new Picture(
            sprintf('How long the sun is up over the year: %s on that day.', Figures::hours($asked->figure('day_hours'))),
            new Axis('day of the year', '', 0, 366),
            new Axis('the sun is up', 'h', 0, 24),
            Picture::sampleWhole(0, 365, $hours),
            dots: [[(float) $day->format('z'), $asked->figure('day_hours')]],
        );
    }

    private static function timing(Asked $asked): Picture
    {
        [$from, $to] = [$asked->in->number('ripe_from'), $asked->in->number('ripe_to')];
        $cut = CutDay::of($from, $to, $asked->in->number('hold_days'), $asked->in->number('finish_days'));
        $visits = $asked->has('kept_by_visits') ? [new Mark('y', $asked->figure('kept_by_visits'), 'gathered bit by bit')] : [];
        [$first, $last] = [min($from, $cut->day) - ($to - $from) / 4, max($to, $cut->day) + ($to - $from) / 4];

        return new Picture(
            sprintf('Share of the seed kept, by the day on which it is cut: most, %s, on day %d.', Quantity::percent($cut->kept), (int) round($cut->day)),
            new Axis('day', '', $first, $last),
            new Axis('kept', '%', 0, 1),
            Picture::sample($first, $last, $cut->keptOn(...)),
            dots: [[$cut->day, $cut->kept]],
            marks: [new Mark('x', $from, 'first ripe'), new Mark('x', $to, 'last ripe'), ...$visits],
        );
    }
}
