<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use App\Reckoners\Asked;
use App\Voice\Figures;
use App\Voice\Quantity;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Germination\SmallTest;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Sowing\SeedsNeeded;

final class GerminationPictures implements Draws
{
    public static function families(): array
    {
        return ['germination', 'sowing'];
    }

    public function of(Asked $asked): Picture|Range|null
    {
        $practice = new Practice;

        return match ($asked->name) {
            'germination.rate' => new Range($asked->figure('rate'), $asked->figure('low'), $asked->figure('high'), [$practice->poor, $practice->good]),
            'germination.compare' => $asked->has('pairs') ? self::several($asked) : new Range($asked->figure('difference'), $asked->figure('low'), $asked->figure('high'), [0.0], -1.0, 1.0),
            'germination.outlook' => new Range($asked->figure('lowest'), $asked->figure('lowest'), $asked->figure('highest'), [$asked->in->number('poor'), $asked->in->number('good')]),
            'germination.replicates' => self::replicates($asked),
            'germination.speed' => self::speed($asked),
            'germination.test_size' => self::testSize($asked),
            'germination.small' => self::small($asked),
            'sowing.seeds' => self::odds($asked),
            'sowing.cell' => self::cell($asked),
            default => null,
        };
    }

    private static function replicates(Asked $asked): Picture
    {
        $sown = $asked->in->integer('sown');
        $dots = [];
        foreach ($asked->in->integers('germinated') as $i => $germinated) {
            $dots[] = [$i + 1.0, $germinated / $sown];
        }

        return new Picture(
            'The share of each replicate beside the share over all.',
            new Axis('replicate', '', 0, count($dots) + 1.0),
            new Axis('germinated', '%', 0, 1),
            [],
            dots: $dots,
            marks: [new Mark('y', $asked->figure('rate'), Quantity::percent($asked->figure('rate')).' over all')],
        );
    }

    private static function several(Asked $asked): Picture
    {
        $rates = $asked->list('rates');
        $dots = array_map(static fn (int $i, float $rate): array => [$i + 1.0, $rate], array_keys($rates), $rates);

        return new Picture(
            'The share of each test, with its limits.',
            new Axis('test', '', 0, count($rates) + 1.0),
            new Axis('germinated', '%', 0, 1),
            $dots,
            array_map(static fn (int $i, float $low, float $high): array => [$i + 1.0, $low, $high], array_keys($rates), $asked->list('lows'), $asked->list('highs')),
            $dots,
        );
    }

    private static function small(Asked $asked): ?Picture
    {
        $seeds = $asked->count('seeds');
        if ($seeds < 1) {
            return null;
        }
        $expected = $asked->in->number('expected');
        $most = max(10, min($asked->in->integer('seeds_left'), 3 * $seeds));
        $half = static fn (int $n): float => SmallTest::of($n, 0, $expected, $asked->in->number('confidence'))->halfWidth;

        return new Picture(
            sprintf('The margin either way shrinks with the seeds tested: %s with %d.', Quantity::percent($asked->figure('half_width')), $seeds),
            new Axis('seeds tested', '', 0, (float) max($most, $seeds)),
            new Axis('margin either way', '%', 0, 0.5),
            Picture::sampleWhole(1, max($most, $seeds), $half),
            dots: [[(float) $seeds, $asked->figure('half_width')]],
        );
    }

    private static function speed(Asked $asked): Picture
    {
        $days = $asked->in->numbers('days');
        $line = [[0.0, 0.0]];
        $up = 0;
        foreach ($asked->in->integers('counts') as $i => $count) {
            $up += $count;
            $line[] = [$days[$i] ?? 0.0, (float) $up];
        }

        return new Picture(
            'Seedlings up by day'.($asked->has('t50') ? sprintf('; half of them by day %s.', Figures::round($asked->figure('t50'), 2)) : '.'),
            new Axis('day', '', 0, $days[count($days) - 1] ?? 1.0),
            new Axis('seedlings up', '', 0, (float) $up),
            $line,
            dots: array_slice($line, 1),
            marks: $asked->has('t50') ? [new Mark('x', $asked->figure('t50'), 'half of them')] : [],
        );
    }

    private static function testSize(Asked $asked): Picture
    {
        $seeds = $asked->count('seeds');
        $expected = $asked->in->number('expected');
        $most = min(1_000_000, max(20, (int) ceil($seeds * 2.2)));
        $half = static fn (int $n): float => GerminationShare::of((int) round($expected * $n), $n)->interval($asked->in->number('confidence'))->halfWidth();

        return new Picture(
            sprintf('The margin either way shrinks with the seeds tested, to what is asked at %d.', $seeds),
            new Axis('seeds tested', '', 0, (float) $most),
            new Axis('margin either way', '%', 0, 0.5),
            Picture::sampleWhole(max(1, intdiv($most, 80)), $most, $half),
            dots: [[(float) $seeds, $asked->in->number('half_width')]],
            marks: [new Mark('y', $asked->in->number('half_width'), Quantity::percent($asked->in->number('half_width')).' either way')],
        );
    }

    private static function odds(Asked $asked): Picture
    {
        $plants = $asked->in->integer('plants');
        $seeds = $asked->count('seeds');
        $confidence = $asked->in->number('confidence');
        $chance = $asked->in->has('sown')
            ? static fn (int $n): float => SeedsNeeded::chanceFromTest($plants, $n, GerminationShare::of($asked->in->integer('germinated'), $asked->in->integer('sown')))
            : static fn (int $n): float => SeedsNeeded::chanceFromRate($plants, $n, $asked->in->number('rate') * $asked->in->number('field_factor'));
        $from = max($plants, $seeds - max(6, (int) ceil(($seeds - $plants) * 1.2)));
        $to = $seeds + max(4, (int) ceil(($seeds - $from) * 0.6));

        return new Picture(
            sprintf('The chance of enough plants rises with the seeds sown, to %s at %d.', Quantity::percent($confidence), $seeds),
            new Axis('seeds sown', '', (float) $from, (float) $to),
            new Axis('chance of enough plants', '%', 0, 1),
            Picture::sampleWhole($from, $to, $chance),
            dots: [[(float) $seeds, $chance($seeds)]],
            marks: [new Mark('y', $confidence, Quantity::percent($confidence).' sure')],
        );
    }

    private static function cell(Asked $asked): Picture
    {
        $perCell = $asked->count('seeds_per_cell');
        $rate = $asked->in->number('rate');
        $empty = static fn (int $n): float => (1 - $rate) ** $n;

        return new Picture(
            sprintf('Cells that stay empty, by seeds to a cell: few enough from %d.', $perCell),
            new Axis('seeds to a cell', '', 0, $perCell + 2.0),
            new Axis('cells that stay empty', '%', 0, 1),
            Picture::sampleWhole(0, $perCell + 2, $empty),
            dots: [[(float) $perCell, $empty($perCell)]],
            marks: [new Mark('y', $asked->in->number('max_empty'), 'the most that may')],
        );
    }
}
