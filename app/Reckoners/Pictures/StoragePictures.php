<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use App\Reckoners\Asked;
use App\Voice\Figures;
use App\Voice\Quantity;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Reckoning\StorageInputs;
use Marrow\Core\Storage\StorageLife;
use Marrow\Core\Work\Later;

final readonly class StoragePictures implements Draws
{
    /** A course is drawn until so little is left. */
    private const END = 0.1;

    private const DAYS = ['days' => 1.0, 'months' => Later::DAYS_A_MONTH, 'years' => 365.25];

    public function __construct(private CropReference $crops) {}

    public static function families(): array
    {
        return ['storage', 'packets'];
    }

    public function of(Asked $asked): ?Picture
    {
        return match ($asked->name) {
            'storage.life' => $this->life($asked),
            'storage.history' => $this->history($asked),
            'storage.refit' => $this->refit($asked),
            'storage.learn' => self::learn($asked),
            'packets.plan' => $this->packets($asked),
            default => null,
        };
    }

    private function life(Asked $asked): ?Picture
    {
        if (! self::drawable($asked->figure('sigma_days'))) {
            return null;
        }
        $start = StorageInputs::germination($asked->in);
        $life = StorageLife::withSigma($asked->figure('sigma_days'), $start);
        $spread = StorageInputs::constants($asked->in, $this->crops)->basis->spread();
        $threshold = $asked->in->number('threshold');
        $to = max($life->daysTo(max(0.01, min(self::END, $start / 2))) * 1.1, $life->sigmaDays / 2, $asked->in->has('after_days') ? $asked->in->number('after_days') * 1.1 : 0.0);
        $unit = self::unit($to);
        $dots = [];
        if ($asked->figure('days_to_threshold') > 0.0) {
            $dots[] = [$asked->figure('days_to_threshold') / self::DAYS[$unit], $threshold];
        }
        if ($asked->in->has('after_days')) {
            $dots[] = [$asked->in->number('after_days') / self::DAYS[$unit], $asked->figure('rate_after')];
        }
        $line = Picture::sample(0, $to / self::DAYS[$unit], static fn (float $t): float => $life->rateAfter($t * self::DAYS[$unit]));

        return new Picture(
            'The share alive falls slowly at first, then fast; the band is how far lots differ.',
            new Axis("$unit in store", '', 0, $to / self::DAYS[$unit]),
            new Axis('alive', '%', 0, 1),
            $line,
            array_map(static fn (array $point): array => [
                $point[0],
                $life->rateAfter($point[0] * self::DAYS[$unit] * $spread),
                $life->rateAfter($point[0] * self::DAYS[$unit] / $spread),
            ], $line),
            $dots,
            [new Mark('y', $threshold, Quantity::percent($threshold), true)],
        );
    }

    private function history(Asked $asked): ?Picture
    {
        $constants = StorageInputs::constants($asked->in, $this->crops);
        $share = StorageInputs::germination($asked->in);
        $segments = array_map(
            static fn (array $row): array => ['days' => $row[0], 'sigma' => $constants->sigma($row[1] ?? 0.0, $row[2] ?? 0.0)],
            $asked->in->rows('segments'),
        );
        $to = array_sum(array_column($segments, 'days'));
        if ($to <= 0.0 || array_filter($segments, static fn (array $segment): bool => ! self::drawable($segment['sigma'])) !== []) {
            return null;
        }
        $unit = self::unit($to);
        $line = [[0.0, $share]];
        $marks = [];
        $done = 0.0;
        foreach ($segments as $i => $segment) {
            if ($segment['days'] > 0.0) {
                $life = StorageLife::withSigma($segment['sigma'], min(0.999_999, max(1e-9, $share)));
                foreach (array_slice(Picture::sample(0, $segment['days'], $life->rateAfter(...)), 1) as [$days, $left]) {
                    $line[] = [($done + $days) / self::DAYS[$unit], $left];
                    $share = $left;
                }
            }
            $done += $segment['days'];
            if ($i < count($segments) - 1) {
                $marks[] = new Mark('x', $done / self::DAYS[$unit], 'moved');
            }
        }

        return new Picture(
            sprintf('The share alive over its stores, down to %s.', Quantity::percent($asked->figure('rate_after'))),
            new Axis("$unit in all", '', 0, $to / self::DAYS[$unit]),
            new Axis('alive', '%', 0, 1),
            $line,
            dots: [[$to / self::DAYS[$unit], $asked->figure('rate_after')]],
            marks: $marks,
        );
    }

    private function refit(Asked $asked): ?Picture
    {
        if (! self::drawable($asked->figure('sigma_days'))) {
            return null;
        }
        $life = StorageLife::withSigma($asked->figure('sigma_days'), \Marrow\Core\Statistics\Normal::below($asked->figure('ki')));
        $threshold = $asked->in->number('threshold');
        $days = $asked->in->numbers('days');
        $to = max([...$days, min($asked->figure('days_to_threshold'), 4 * max([1.0, ...$days]))]) * 1.15;
        $unit = self::unit($to);
        $sown = $asked->in->integers('sown');

        return new Picture(
            'Its own tests, and the course of ageing that fits them best.',
            new Axis("$unit since it was stored", '', 0, $to / self::DAYS[$unit]),
            new Axis('alive', '%', 0, 1),
            Picture::sample(0, $to / self::DAYS[$unit], static fn (float $t): float => $life->rateAfter($t * self::DAYS[$unit])),
            dots: array_map(
                static fn (float $day, int $germinated, int $of): array => [$day / self::DAYS[$unit], $germinated / max(1, $of)],
                $days,
                $asked->in->integers('germinated'),
                $sown,
            ),
            marks: [new Mark('y', $threshold, Quantity::percent($threshold), true)],
        );
    }

    private static function learn(Asked $asked): Picture
    {
        $observed = $asked->in->numbers('observed');
        $last = count($observed) + 1.0;
        [$low, $high] = [$asked->figure('low'), $asked->figure('high')];

        return new Picture(
            sprintf('How many times as long as the model has it each lot lasts, and your store as a whole: %s.', Figures::round($asked->figure('factor'), 2)),
            new Axis('lot', '', 0, $last),
            new Axis('times as long', '', 0, 1.1 * max([$high, ...$observed])),
            [[0.0, $asked->figure('factor')], [$last, $asked->figure('factor')]],
            [[0.0, $low, $high], [$last, $low, $high]],
            array_map(static fn (int $i, float $times): array => [$i + 1.0, $times], array_keys($observed), $observed),
            [new Mark('y', 1.0, 'as the model has it')],
        );
    }

    private function packets(Asked $asked): ?Picture
    {
        $packets = $asked->list('per_packet');
        if (count($packets) < 2) {
            return null;
        }
        $dots = [];
        foreach ($packets as $i => $seeds) {
            $dots[] = [$i + 1.0, $seeds];
        }

        return new Picture(
            'Seeds in the packet of each year.',
            new Axis('year', '', 0, count($dots) + 1.0),
            new Axis('seeds in its packet', '', 0, max($packets) * 1.15),
            $dots,
            dots: $dots,
            marks: [new Mark('y', (float) $asked->in->integer('plants'), 'plants wanted')],
        );
    }

    /** Seed that lasts minutes or millions of years has been told of wrongly; a drawing of it says nothing. */
    private static function drawable(float $sigmaDays): bool
    {
        return $sigmaDays >= 0.01 && $sigmaDays <= 1e8;
    }

    /** @return 'days'|'months'|'years' */
    private static function unit(float $days): string
    {
        return match (true) {
            $days < 120 => 'days',
            $days < 1100 => 'months',
            default => 'years',
        };
    }
}
