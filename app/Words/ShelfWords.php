<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use App\Voice\When;
use Marrow\Core\Steps\Shelf\FruitGone;
use Marrow\Core\Steps\Shelf\FruitInside;
use Marrow\Core\Steps\Shelf\FruitState;
use Marrow\Core\Steps\Shelf\ShelvedFruit;

/** What is said of fruit on the shelf. */
final class ShelfWords
{
    /** What it wants next. */
    public static function next(ShelvedFruit $fruit, When $when): string
    {
        $window = $fruit->window();

        return match (true) {
            $fruit->cut !== null => match (true) {
                $fruit->cut->bitter === 'yes' => 'bitter: nothing of it is eaten or kept',
                $fruit->cut->inside === FruitInside::Flat, $fruit->cut->inside === FruitInside::None => 'no seed to be had of it',
                default => 'open: take its seed out',
            },
            $window === null => 'how long it is best left lying is not known',
            $fruit->state !== FruitState::Sound => sprintf('open it soon, by %s%s', $when->day($window->until), $window->isShort ? '; its seed may be thin yet' : ''),
            $when->now > $window->until => 'longer than it ordinarily keeps: open it now',
            $when->now >= $window->best => sprintf('open it now, by %s at the latest', $when->day($window->until)),
            $when->now >= $window->from => sprintf('may be opened, best about %s', $when->day($window->best)),
            default => sprintf('seed ripens on until %s, best about %s', $when->day($window->from), $when->day($window->best)),
        };
    }

    /** What was found in it. */
    public static function found(ShelvedFruit $fruit): string
    {
        $cut = $fruit->cut;

        return implode(', ', array_filter([
            $cut?->inside?->label() ?? '',
            self::mark('colour', $cut?->colour),
            self::mark('flesh', $cut?->flesh),
            match ($cut?->bitter) {
                'yes' => 'bitter',
                'no' => 'not bitter',
                default => '',
            },
            self::mark('raw', $fruit->tasted?->raw),
            self::mark('cooked', $fruit->tasted?->cooked),
        ]));
    }

    /**
     * How they kept and what they were like, plant by plant: what rotted says nothing of those of other plants.
     *
     * @param  array<int, ShelvedFruit>  $fruits
     * @return list<string>
     */
    public static function of(array $fruits): array
    {
        $by = [];
        foreach ($fruits as $fruit) {
            $by[$fruit->shelved->plant][] = $fruit;
        }
        ksort($by, SORT_NATURAL);
        $said = [];
        foreach ($by as $plant => $of) {
            $parts = array_filter([
                self::kept($of),
                self::mean('colour', array_map(static fn (ShelvedFruit $one): ?int => $one->cut?->colour, $of)),
                self::mean('flesh', array_map(static fn (ShelvedFruit $one): ?int => $one->cut?->flesh, $of)),
                self::mean('raw', array_map(static fn (ShelvedFruit $one): ?int => $one->tasted?->raw, $of)),
                self::mean('cooked', array_map(static fn (ShelvedFruit $one): ?int => $one->tasted?->cooked, $of)),
            ]);
            if ($parts !== []) {
                $said[] = sprintf('%s: %s, %s.', $plant === '' ? 'Of plants that are not named' : "Plant $plant", Quantity::number(count($of), 'fruit'), implode(', ', $parts));
            }
        }

        return $said;
    }

    /** @param  list<ShelvedFruit>  $fruits */
    private static function kept(array $fruits): string
    {
        $rotten = array_filter($fruits, static fn (ShelvedFruit $one): bool => $one->gone === FruitGone::Rotten);
        $sound = array_filter(array_map(static fn (ShelvedFruit $one): ?int => $one->gone === null && $one->state === FruitState::Sound ? $one->keptDays() : null, $fruits), is_int(...));

        return implode(', ', array_filter([
            $rotten === [] ? '' : sprintf('%d rotted after %s', count($rotten), self::days(array_map(static fn (ShelvedFruit $one): int => $one->keptDays() ?? 0, $rotten))),
            $sound === [] ? '' : sprintf('%d opened sound after %s', count($sound), self::days($sound)),
        ]));
    }

    /** @param  non-empty-array<int>  $kept */
    private static function days(array $kept): string
    {
        [$least, $most] = [min($kept), max($kept)];

        return $least === $most ? Quantity::number($least, 'day') : "$least to ".Quantity::number($most, 'day');
    }

    private static function mark(string $what, ?int $mark): string
    {
        return $mark === null ? '' : "$what $mark";
    }

    /** @param  list<?int>  $marks */
    private static function mean(string $what, array $marks): string
    {
        $told = array_values(array_filter($marks, is_int(...)));

        return $told === [] ? '' : sprintf('%s %s', $what, Quantity::decimal(round(array_sum($told) / count($told), 1)));
    }
}
