<?php

declare(strict_types=1);

namespace App\Rota;

use App\Voice\Quantity;
use Marrow\Core\Rota\Rota;
use Marrow\Core\Rota\Survival;

/** Why a line is to be grown in the first year of the rota, and how long it could wait. */
final readonly class Reasons
{
    public const NOW = 'now';

    public const LATER = 'later';

    public const WAIT = 'wait';

    /** A line can be counted on where nine of ten such would still renew it. */
    public const COUNTED_ON = 0.9;

    /** One that is likelier than this to be past renewing by the next chance does not wait. */
    private const PRESSING = 0.8;

    /**
     * @param  string  $when  now, later where it presses and the rota has it in another year all the same, or wait
     * @param  list<string>  $said
     * @param  string  $waits  how long it can wait
     * @param  float  $press  by which the list is ordered, the most pressing first
     */
    private function __construct(public string $when, public array $said, public string $waits, public float $press) {}

    public static function of(GardenLine $line, ?Rota $rota, int $first): self
    {
        $said = [];
        $own = $line->line;
        if ($line->lots === [] || $own === null) {
            return new self(self::WAIT, $own === null ? [] : ['There is no seed of it left.'], $own === null ? '' : 'Seed of it has to come from elsewhere.', 0.0);
        }
        $pressing = false;
        $next = $own->alive[1] ?? 0.0;
        if (array_all($line->lots, static fn (HeldLot $lot): bool => $lot->crossed)) {
            return new self(self::LATER, ['All its seed is of a crossing: seed that is true has to be found or chosen back.'], 'Growing it as it is keeps the crossing.', 2.0);
        }
        $best = $line->lots[0];
        if ($own->alive[0] < self::COUNTED_ON) {
            $said[] = sprintf('%s can still renew it with %s%s.', $best->code, Quantity::percent($own->alive[0]), $best->goodUntil === null ? ', by how long such seed ordinarily keeps: a test would tell' : '');
        }
        if ($next < self::PRESSING && $own->alive[0] > 0.0) {
            $said[] = $said === [] ? sprintf('By %d %s can renew it with %s.', $first + 1, $best->code, Quantity::percent($next)) : sprintf('By %d that is %s.', $first + 1, Quantity::percent($next));
            $pressing = true;
        }
        if ($own->sowings !== null && $own->sowings <= 1 && $line->isLast()) {
            $said[] = sprintf('%s is all there is: %s, enough for one growing.', $best->code, $best->seeds === null ? 'nobody counted how many' : Quantity::roughSeeds($best->seeds));
            $pressing = $pressing || $next < self::COUNTED_ON;
        } elseif ($line->isLast() && $next < self::COUNTED_ON) {
            $said[] = "$best->code is the last lot of it.";
        }
        if ($best->reserve > 0 && $next < self::COUNTED_ON) {
            $said[] = sprintf('Its reserve of %s is as old.', Quantity::seeds((float) $best->reserve));
        }
        if ($line->wish->promised !== '') {
            $said[] = "Promised to {$line->wish->promised}.";
            $pressing = true;
        }
        if (in_array($first, $line->wish->pinned, true)) {
            $said[] = 'Pinned by you.';
            $pressing = true;
        } elseif (in_array($first, $line->wish->preferred, true)) {
            $said[] = 'Wanted by you.';
            $pressing = true;
        }
        $inRota = in_array(0, $rota->sowings[$line->variety] ?? [], true);
        if ($rota !== null && $inRota && ! $pressing) {
            $without = (new Survival($own, $rota->problem->years))->kept(array_values(array_filter($rota->sowings[$line->variety], static fn (int $year): bool => $year > 0)));
            $said[] = sprintf('Grown this year it is kept until %d with %s, else with %s.', $first + $rota->problem->years, Quantity::percent($rota->kept[$line->variety]), Quantity::percent($without));
        }
        if ($line->standing !== null) {
            // What stands is seed to come: it is neither pressing nor done.
            return new self(self::WAIT, $said, '', 0.1);
        }

        if ($pressing && $rota !== null && ! $inRota) {
            return new self(self::LATER, $said, self::instead($line, $first, $rota), 0.8 + (1.0 - $next) / 10);
        }

        return new self($inRota || $pressing ? self::NOW : self::WAIT, $said, $inRota || $pressing ? '' : self::waits($line, $first, $rota), ($pressing ? 2.0 : ($inRota ? 1.0 : 0.0)) + (1.0 - $next) / 10);
    }

    /** Why what presses is not grown this year all the same. */
    private static function instead(GardenLine $line, int $first, Rota $rota): string
    {
        $next = $rota->sowings[$line->variety][0] ?? null;

        return $next === null
            ? sprintf('The rota has no room for it: it is kept until %d with %s as it is.', $first + $rota->problem->years, Quantity::percent($rota->kept[$line->variety] ?? 0.0))
            : sprintf('The rota has it in %d all the same: with what else wants ground, hours and cages now, that year costs less.', $first + $next);
    }

    private static function waits(GardenLine $line, int $first, ?Rota $rota): string
    {
        $last = null;
        foreach ($line->line->alive ?? [] as $year => $chance) {
            $last = $chance >= self::COUNTED_ON ? $year : $last;
        }
        $next = array_values(array_filter($rota->sowings[$line->variety] ?? [], static fn (int $year): bool => $year > 0))[0] ?? null;
        $then = $next === null ? '' : sprintf(' The rota has it in %d.', $first + $next);

        return match (true) {
            $last === null => 'It should not wait.',
            $last === 0 => 'It can hardly wait a year.'.$then,
            $last >= count($line->line->alive ?? []) - 1 => "It can wait to the end of the rota.$then",
            default => sprintf('It can wait until %d.%s', $first + $last, $then),
        };
    }
}
