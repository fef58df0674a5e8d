<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use Marrow\Core\Rota\FoundRota;
use Marrow\Core\Rota\Rota;
use Marrow\Core\Rota\RotaProblem;

/** What is said of a rota. */
final class RotaWords
{
    private const NOTHING = 0.0005;

    /** A difference of cost, as hours of work where an hour has a price. */
    public static function price(float $price, float $hourPrice): string
    {
        if (abs($price) < self::NOTHING) {
            return 'costs nothing more';
        }
        $much = $hourPrice > 0.0 ? self::hours(abs($price) / $hourPrice).' of work' : Quantity::decimal(100 * abs($price)).' points of a line';

        return $price > 0.0 ? "as dear as $much" : "saves as much as $much";
    }

    /** What changes from one rota to another: how likely a line is kept, and the work. */
    public static function moved(Rota $before, Rota $after, string $line): string
    {
        $said = [];
        if (abs($after->kept[$line] - $before->kept[$line]) >= 0.005) {
            $said[] = sprintf('it is kept with %s in place of %s', Quantity::percent($after->kept[$line]), Quantity::percent($before->kept[$line]));
        } else {
            $said[] = sprintf('it is kept with %s, as before', Quantity::percent($after->kept[$line]));
        }
        $hours = $after->hours - $before->hours;
        if (abs($hours) >= 0.05) {
            $said[] = sprintf('%s %s work', self::hours(abs($hours)), $hours > 0.0 ? 'more' : 'less');
        }

        return implode('; ', $said);
    }

    public static function sure(?FoundRota $found): string
    {
        return match (true) {
            $found === null => '',
            $found->isProven => 'No rota is better, as Marrow reckons it.',
            $found->gap() < 0.0005 => 'A better one can hardly be better.',
            default => sprintf('The best found so far; a better one can cost at most %s less.', Quantity::finePercent($found->gap())),
        };
    }

    public static function told(Rota $rota, RotaProblem $problem): string
    {
        $growings = count($rota->growings());
        $first = count(array_filter($rota->growings(), static fn ($growing): bool => $growing->sow === 0));
        $lost = count($problem->lines) - array_sum($rota->kept);

        return sprintf(
            '%d %s, %d %s over %d years, %d of them in %d; %s of work. Of %d lines %s would be lost in the mean by the end.',
            count($problem->lines), count($problem->lines) === 1 ? 'line' : 'lines', $growings, $growings === 1 ? 'growing' : 'growings', $problem->years, $first, $problem->firstYear, self::hours($rota->hours), count($problem->lines), Quantity::decimal($lost),
        );
    }

    public static function hours(float $hours): string
    {
        return ($hours >= 10.0 ? (string) round($hours) : Quantity::decimal($hours))."\u{00A0}h";
    }
}
