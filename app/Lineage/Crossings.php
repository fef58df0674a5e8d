<?php

declare(strict_types=1);

namespace App\Lineage;

use App\Models\Code;
use Illuminate\Support\Facades\DB;

/**
 * Crossings that came to light: off-types seen in a planting show that the lot it was sown from was crossed, and so is
 * everything grown from that lot.
 */
final class Crossings
{
    /** @var array<string, Crossing>|null by id of the lot */
    private ?array $found = null;

    public function of(string $lotId): ?Crossing
    {
        return $this->all()[$lotId] ?? null;
    }

    /** @return array<string, Crossing> by id of the lot */
    public function all(): array
    {
        return $this->found ??= $this->find();
    }

    public function forget(): void
    {
        $this->found = null;
    }

    /** @return array<string, Crossing> */
    private function find(): array
    {
        // Most gardens have none; then one look is all it costs.
        $seen = DB::select('SELECT planting_id, off_types, looked_over FROM planting_standings WHERE off_types > 0');
        if ($seen === []) {
            return [];
        }
        [$plantings, $lots, $sownFrom] = $this->garden();
        $crossed = [];
        foreach ($seen as $row) {
            /** @var object{planting_id: string, off_types: int, looked_over: int} $row */
            $lot = $sownFrom[$row->planting_id] ?? null;
            if ($lot === null) {
                continue;
            }
            $came = $plantings[$lots[$lot]['planting']];
            $crossing = new Crossing('L'.$lots[$lot]['number'], 'P'.$plantings[$row->planting_id]['number'], 'P'.$came['number'], $came['season'], $row->off_types, $row->looked_over);
            $this->spread($lot, $crossing, $lots, $sownFrom, $crossed);
        }

        return $crossed;
    }

    /**
     * Marks a lot, the lots picked from what was sown from it, and so on; a lot marked once stays as it was marked.
     *
     * @param  array<string, array{number: int, planting: string}>  $lots
     * @param  array<string, string>  $sownFrom
     * @param  array<string, Crossing>  $crossed
     */
    private function spread(string $lot, Crossing $crossing, array $lots, array $sownFrom, array &$crossed): void
    {
        $next = [$lot];
        while ($next !== []) {
            $lot = array_pop($next);
            if (isset($crossed[$lot])) {
                continue;
            }
            $crossed[$lot] = $crossing;
            foreach (array_keys($sownFrom, $lot, true) as $planting) {
                foreach ($lots as $id => $other) {
                    if ($other['planting'] === $planting) {
                        $next[] = $id;
                    }
                }
            }
        }
    }

    /** @return array{array<string, array{number: int, season: int}>, array<string, array{number: int, planting: string}>, array<string, string>} plantings, lots, and the lot that each planting was sown from */
    private function garden(): array
    {
        $plantings = [];
        $lots = [];
        $byNumber = [];
        foreach (DB::select('SELECT id, number, planting_id FROM lots') as $lot) {
            /** @var object{id: string, number: int, planting_id: string} $lot */
            $lots[$lot->id] = ['number' => $lot->number, 'planting' => $lot->planting_id];
            $byNumber[$lot->number] = $lot->id;
        }
        $sownFrom = [];
        foreach (DB::select('SELECT p.id, p.number, p.season, s.sown_from FROM plantings p JOIN planting_standings s ON s.planting_id = p.id') as $planting) {
            /** @var object{id: string, number: int, season: int, sown_from: string} $planting */
            $plantings[$planting->id] = ['number' => $planting->number, 'season' => $planting->season];
            // "L6", or "L6, the larger seeds"; what merely mentions a code ("not L6") is not taken for one.
            $number = preg_match('/^\s*(L\s*\d{1,9})\b/i', $planting->sown_from, $code) === 1 ? Code::number($code[1], 'L') : null;
            if ($number !== null && isset($byNumber[$number])) {
                $sownFrom[$planting->id] = $byNumber[$number];
            }
        }

        return [$plantings, $lots, $sownFrom];
    }
}
