<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\RotaDocument;
use App\Rota\Cbc;
use App\Rota\GardenRota;
use App\Works\Doing;
use App\Works\Work;
use Closure;
use Marrow\Core\Rota\Breaches;
use Marrow\Core\Rota\RotaSearch;
use Marrow\Core\Rota\WaysOut;

/** The garden's rota: tens of lines are solved in a second or two, hundreds are worth a minute. The best so far is told meanwhile. */
final readonly class RotaWork implements Doing
{
    public const KIND = 'rota';

    /** s between two tellings of the best so far. */
    private const TOLD = 1.0;

    public function __construct(private GardenRota $garden, private RotaSheet $sheet) {}

    public function kind(): string
    {
        return self::KIND;
    }

    public function do(array $asked, Closure $report): RotaDocument
    {
        $garden = $this->garden->of();
        $breaches = Breaches::ofPins($garden->problem);
        // What there would be without the pins that collide is of more use than nothing.
        $problem = $breaches === [] ? $garden->problem : $garden->problem->withoutPinsIn($breaches);
        $seconds = self::seconds(count($problem->lines), $problem->years);
        Work::leaveTheGarden();
        $begun = microtime(true);
        $told = $begun;
        $found = RotaSearch::best($problem, function (float $cost, float $bound, Closure $rota) use ($begun, $seconds, $report, $garden, $breaches, &$told): bool {
            $now = microtime(true);
            $soFar = null;
            if ($now - $told >= self::TOLD) {
                $told = $now;
                $soFar = $this->sheet->of($garden, $rota(), $breaches);
            }

            return $report(min(1.0, ($now - $begun) / $seconds), $soFar) && $now - $begun < $seconds;
        }, solver: Cbc::installed());

        return $this->sheet->of($garden, $found, $breaches, $breaches === [] ? [] : WaysOut::of($garden->problem, $breaches));
    }

    /** As long as it is worth waiting, at most; what closes sooner ends sooner. */
    private static function seconds(int $lines, int $years): float
    {
        return max(6.0, min(55.0, $lines * $years / 20));
    }
}
