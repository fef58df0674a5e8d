<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Code;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Intake\CellDoubt;
use Marrow\Core\Intake\Column;
use Marrow\Core\Intake\KnownNames;
use Marrow\Core\Intake\Packet;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Work\Place;

/** What stands in a list twice, or in the store already: said, since two packets may be alike. */
final class Doubles
{
    /** @var array<string, int> the line in which each packet stood first */
    private array $seen = [];

    /** @var array<string, list<array{number: int, year: ?int, seeds: ?float}>> lots of which there is still seed, by id of their variety */
    private array $stored = [];

    /**
     * @param  int  $at  number of the line
     * @return list<CellDoubt>
     */
    public function of(Packet $packet, int $at): array
    {
        $received = $packet->received;
        $key = json_encode([$packet->crop, KnownNames::plain($packet->name), $received->year, $received->packedFor, $received->seeds, $received->massG, KnownNames::plain($received->from), KnownNames::plain($received->packet), array_map(KnownNames::plain(...), $packet->path)], JSON_THROW_ON_ERROR);
        $first = $this->seen[$key] ?? null;
        $this->seen[$key] ??= $at;
        // Nothing but a crop and no name: two of these are as likely two packets.
        if ($first !== null && ($packet->name !== '' || $received->year !== null || $received->seeds !== null || $received->massG !== null)) {
            return [new CellDoubt(Column::Crop, "The same as line $first, word for word. Is it another packet? Else leave it out.")];
        }
        foreach ($packet->variety === null ? [] : $this->inStore($packet->variety) as $lot) {
            if ($lot['year'] === ($received->year ?? $lot['year']) && ($received->seeds === null || $lot['seeds'] === null || abs($lot['seeds'] - $received->seeds) < 0.5)) {
                return [new CellDoubt(Column::Variety, sprintf('%s of this variety%s stands in the store already. Is this another packet? Else leave it out.', Code::of(Subject::Lot, $lot['number']), $lot['year'] === null ? '' : ", of {$lot['year']},"))];
            }
        }

        return [];
    }

    /** @return list<array{number: int, year: ?int, seeds: ?float}> */
    private function inStore(string $variety): array
    {
        if (! isset($this->stored[$variety])) {
            $this->stored[$variety] = [];
            foreach (DB::table('lot_standings')->where('variety_id', $variety)->where('used_up', 0)->where('place', '!=', Place::Plot->value)->orderBy('number')->get(['number', 'year', 'seeds']) as $row) {
                /** @var object{number: int, year: ?int, seeds: ?float} $row */
                $this->stored[$variety][] = ['number' => $row->number, 'year' => $row->year, 'seeds' => $row->seeds];
            }
        }

        return $this->stored[$variety];
    }
}
