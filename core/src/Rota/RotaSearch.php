<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

use Marrow\Core\Rota\Internal\Beside;
use Marrow\Core\Rota\Internal\Branching;
use Marrow\Core\Rota\Internal\Climb;
use Marrow\Core\Rota\Internal\LinearProgram;
use Marrow\Core\Rota\Internal\Model;
use Marrow\Core\Rota\Internal\Prices;
use Marrow\Core\Rota\Internal\Relaxation;

/**
 * Finds the rota of least cost, or the best that it can in the time that it is given, with a bound that no rota is below.
 * Each line has its patterns of years; limits and conflicts are what couples them. Prices in place of limits give the bound
 * (Relaxation), taking lines out and putting them in again gives better rotas (Climb), and what is between the two is
 * closed by parting (Branching).
 */
final class RotaSearch
{
    /** Steps of the first bound. */
    private const STEPS = 400;

    /** Of one that is only to tell about what something costs. */
    public const QUICK = 80;

    /**
     * @param  ?\Closure(float, float, \Closure(): FoundRota): bool  $watch  told now and then the cost of the best so far, the bound, and how to have the rota itself; whether to go on. null to go on until it is proven, at most so many rounds
     * @param  int  $rounds  of the search after its first bound, at most: where nobody watches it ends all the same
     * @param  int  $steps  of the first bound
     * @param  ?Solver  $solver  that works beside it, from when the first bound is known
     * @return ?FoundRota null where pins cannot be met
     */
    public static function best(RotaProblem $problem, ?\Closure $watch = null, int $rounds = 100_000, ?Solver $solver = null, int $steps = self::STEPS): ?FoundRota
    {
        if (Breaches::ofPins($problem) !== []) {
            return null;
        }
        $model = Model::of($problem);
        if ($model === null) {
            return null;
        }
        if ($model->lines === []) {
            return new FoundRota(Rota::of($problem, []), 0.0, true);
        }
        $climb = new Climb($model);
        $goesOn = true;
        $tell = static function (float $bound) use ($problem, $climb, $watch, &$goesOn): bool {
            return $goesOn = $goesOn && ($watch === null || $watch($climb->best->cost, min($bound, $climb->best->cost), static fn (): FoundRota => new FoundRota(Rota::of($problem, $climb->best->sowings()), min($bound, $climb->best->cost), false)));
        };
        $relaxation = new Relaxation($model, $model->patterns, Prices::none($model));
        $n = 0;
        $relaxation->tighten($steps, $climb->best->cost, static function (array $took) use ($climb, $relaxation, $tell, &$n): bool {
            if ($n++ % 12 === 0) {
                $climb->from($took);
                $climb->go(min(100, 5 * count($took)));
            }

            return $tell($relaxation->bound) && $relaxation->bound < $climb->best->cost - 1e-10;
        });
        $bound = $relaxation->bound;
        $branching = new Branching($model, $climb, $relaxation->prices, $bound);
        $beside = $goesOn && ! $branching->isDone() && $solver !== null ? Beside::begin($solver, new LinearProgram($model, $branching->patterns), $climb) : null;
        for ($round = 0; $goesOn && $round < $rounds && ! $branching->isDone(); $round++) {
            // Half of the work to either: a part is tightened over all lines, a neighbourhood over a few.
            $branching->go(max(1, intdiv(200, count($model->lines))));
            $climb->go(min(600, 30 * count($model->lines)));
            $bound = max($bound, $branching->bound(), $beside?->look() ?? -INF);
            $tell($bound);
            if ($beside !== null && $beside->isProven()) {
                break;
            }
        }
        $beside?->end();
        // Of those that cost the same the one with most of the rota before, the fewest growings, the earliest.
        $climb->go(min(600, 40 * count($model->lines)));
        $rota = Rota::of($problem, $climb->best->sowings());
        $bound = min($rota->cost(), max($bound, $branching->bound()));
        $isProven = $bound >= $rota->cost() - FoundRota::EXACT;

        return new FoundRota($rota, $isProven ? $rota->cost() : $bound, $isProven);
    }
}
