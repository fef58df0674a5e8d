<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\RotaHelpDocument;
use App\Documents\RotaPlayDocument;
use App\Documents\RotaPlayedDocument;
use App\Rota\GardenProblem;
use App\Rota\GardenRota;
use App\Rota\TriedChanges;
use App\Works\Doing;
use App\Works\Work;
use Closure;
use Marrow\Core\Rota\Breaches;
use Marrow\Core\Rota\Play;
use Marrow\Core\Rota\Rota;
use Marrow\Core\Rota\RotaSearch;

/** The rota played a thousand times, with it and without, and what would save most. */
final readonly class RotaPlayWork implements Doing
{
    public const KIND = 'rota_play';

    private const PLAYS = 1000;

    /** Rounds of the search for a rota over all the years played. */
    private const ROUNDS = 12;

    private const HELPS = 3;

    public function __construct(private GardenRota $garden) {}

    public function kind(): string
    {
        return self::KIND;
    }

    public function do(array $asked, Closure $report): RotaPlayDocument
    {
        $garden = $this->garden->of(GardenRota::LONGEST);
        Work::leaveTheGarden();
        $report(0.05);
        $breaches = Breaches::ofPins($garden->problem);
        $problem = $breaches === [] ? $garden->problem : $garden->problem->withoutPinsIn($breaches);
        $rota = RotaSearch::best($problem, static fn (): bool => $report(0.1), self::ROUNDS, steps: RotaSearch::QUICK)?->rota;
        $report(0.15);
        $with = Play::of($problem, $rota->sowings ?? [], self::PLAYS, 1);
        $report(0.3);
        $without = Play::of($problem, [], self::PLAYS, 1);
        $report(0.4);
        $help = [];
        $changes = TriedChanges::of($problem, $rota, $with);
        foreach ($changes as $n => $change) {
            $changed = $change->sowings ?? RotaSearch::best($change->problem, static fn (): bool => $report(0.4 + 0.6 * $n / count($changes)), self::ROUNDS, steps: RotaSearch::QUICK)?->rota->sowings;
            if ($changed === null) {
                continue;
            }
            $played = Play::of($change->problem, $changed, self::PLAYS, 1, $change->pace);
            $hours = Rota::of($change->problem, $changed)->hours - ($rota->hours ?? 0.0);
            $saves = $with->lost - $played->lost;
            $help[] = [$saves - $problem->hourPrice * max(0.0, $hours), new RotaHelpDocument($change->said($garden->name(...)), round($saves, 3), round($hours, 1))];
        }
        usort($help, static fn (array $a, array $b): int => [$b[0], $a[1]->says] <=> [$a[0], $b[1]->says]);

        return new RotaPlayDocument(
            self::PLAYS,
            $problem->years,
            self::lines($garden, $with, $without),
            $with->lost,
            $without->lost,
            array_slice(array_values(array_filter(array_column($help, 1), static fn (RotaHelpDocument $one): bool => $one->saves > 0.0)), 0, self::HELPS),
        );
    }

    /** @return list<RotaPlayedDocument> */
    private static function lines(GardenProblem $garden, Play $with, Play $without): array
    {
        $lines = [];
        foreach ($garden->problem->lines as $line) {
            $known = $garden->lines[$line->id];
            $lines[] = new RotaPlayedDocument($line->id, $known->name, $known->cropName(), $with->kept[$line->id], $without->kept[$line->id]);
        }
        usort($lines, static fn (RotaPlayedDocument $a, RotaPlayedDocument $b): int => [$a->kept, $a->name] <=> [$b->kept, $b->name]);

        return $lines;
    }
}
