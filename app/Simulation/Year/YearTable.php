<?php

declare(strict_types=1);

namespace App\Simulation\Year;

use App\Simulation\Dice;
use DateTimeImmutable;

/** What becomes of each sort of keeper in a year. */
final class YearTable
{
    public const HEAD = ['keeper', 'entries', 'lines on a day', 'on the fullest', 'stuck', 'of what is gone', 'refused', 'asked about', 'lost, said before', 'lost unsaid', 'promises that held'];

    private const WORST = 3;

    /**
     * @param  int  $step  days from one look to the next
     * @return list<non-empty-list<string>>
     */
    public static function of(int $seed, int $step): array
    {
        $rows = [];
        foreach (Keeper::cases() as $keeper) {
            $played = ScratchGarden::with('2026-09-14T10:00', static fn (): Played => YearSimulation::play($keeper, new Dice($seed), new DateTimeImmutable('2026-09-14'), new DateTimeImmutable('2027-10-31'), $step));
            $rows[] = [
                $keeper->value,
                (string) $played->kept,
                (string) $played->median(),
                implode('; ', array_map(static fn (string $day, int $lines): string => "$lines on $day", array_keys($played->worst(self::WORST)), $played->worst(self::WORST))),
                self::few($played->stuck),
                self::few($played->wrong),
                self::few($played->refused),
                (string) count($played->asked),
                self::few($played->lost),
                self::few($played->unsaid),
                implode('; ', array_map(static fn (string $what, array $held): string => "$what $held[0] of $held[1]", array_keys($played->promises), $played->promises)),
            ];
        }

        return $rows;
    }

    /** @param  list<string>  $of */
    private static function few(array $of): string
    {
        $of = array_count_values($of);
        arsort($of);

        return $of === [] ? '0' : array_sum($of).': '.implode('; ', array_map(static fn (string $what, int $times): string => $times > 1 ? "$what ($times)" : $what, array_keys(array_slice($of, 0, 5)), array_slice($of, 0, 5)));
    }
}
