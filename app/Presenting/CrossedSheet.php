<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\CleanLotDocument;
use App\Documents\CrossedDocument;
use App\Lineage\Crossings;
use App\Models\Bulk;
use App\Models\Lot;
use App\Models\LotStanding;
use App\Moment;
use App\Reading\Facts;
use App\Reading\PassedOn;
use App\Reading\Tagged;
use App\Voice\Quantity;
use App\Voice\When;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\LineWord;

/** What to do once a crossing has come to light. */
final readonly class CrossedSheet
{
    private const MOST = 6;

    public function __construct(private Facts $facts, private Crossings $crossings, private Tags $tags) {}

    /** @return ?CrossedDocument null of a lot that is not crossed by what is known */
    public function of(Lot $lot, When $when): ?CrossedDocument
    {
        $crossing = $this->crossings->of($lot->id);
        if ($crossing === null) {
            return null;
        }
        $touched = array_keys(array_filter($this->crossings->all(), static fn ($one): bool => $one->lot === $crossing->lot));
        $tags = Tagged::lots($touched);
        uasort($tags, static fn (Lot $a, Lot $b): int => $a->number <=> $b->number);
        $clean = $this->clean($lot->variety_id, $when);

        return new CrossedDocument(
            array_values(array_map($this->tags->lot(...), $tags)),
            $clean,
            $clean === [] ? 'No lot of it is known here that the crossing does not touch: ask whoever had seed of it before, or begin anew from elsewhere.' : '',
            $this->standing($touched, $when),
        );
    }

    /** @return list<CleanLotDocument> what is here and the likeliest to grow first, then what others may still have */
    private function clean(string $variety, When $when): array
    {
        $rows = LotStanding::query()->where('variety_id', $variety)->where('place', '!=', 'plot')->orderBy('used_up')->orderByDesc('year')->orderByDesc('number')->get();
        $known = $this->crossings;
        $rows = $rows->filter(static fn (LotStanding $row): bool => $known->of($row->lot_id) === null && $known->sisterOf($row->lot_id) === null)->values();
        $here = $rows->where('used_up', 0)->take(self::MOST);
        $gone = $rows->where('used_up', 1);
        $with = $this->withWhom(array_values($gone->map(static fn (LotStanding $row): string => $row->lot_id)->all()));
        $lots = Tagged::lots(array_values([...$here->map(static fn (LotStanding $row): string => $row->lot_id)->all(), ...array_keys($with)]));
        $said = [];
        foreach ($here as $row) {
            $said[] = new CleanLotDocument($this->tags->lot($lots[$row->lot_id]), $this->worth($row, $when));
        }
        foreach (array_slice($with, 0, max(0, self::MOST - count($said)), true) as $id => $names) {
            $said[] = new CleanLotDocument($this->tags->lot($lots[$id]), "none of it is left here; seed of it went to $names");
        }

        return $said;
    }

    private function worth(LotStanding $row, When $when): string
    {
        $lot = Lot::query()->with(['variety', 'planting.variety'])->findOrFail($row->lot_id);
        $forecast = $this->facts->lot($lot)->forecast();

        return implode('; ', array_filter([
            $row->seeds === null ? 'how much of it there is, nobody counted' : Quantity::seedsOf($row->seeds, $row->counted === 1),
            match (true) {
                $forecast !== null => sprintf('about %s of them should come up now', Quantity::percent($forecast->shareAt($when->now))),
                $row->rate !== null => sprintf('%s came up by its test', Quantity::percent($row->rate)),
                default => 'never tested',
            },
            $row->store_place === null ? '' : "in $row->store_place",
            $row->line === LineWord::NotKnown->value ? 'how true it is, nobody knows' : $row->line,
        ]));
    }

    /**
     * @param  list<string>  $lots  ids
     * @return array<string, string> names, with years, by lot
     */
    private function withWhom(array $lots): array
    {
        $with = [];
        foreach (PassedOn::of($lots) as $lot => $gifts) {
            $named = array_filter(array_reverse($gifts), static fn (array $gift): bool => $gift['name'] !== '');
            if ($named !== []) {
                $with[$lot] = implode(', ', array_unique(array_map(static fn (array $gift): string => "{$gift['name']} in {$gift['year']}", $named)));
            }
        }

        return $with;
    }

    /**
     * @param  list<string>  $touched  ids of lots
     * @return list<CleanLotDocument>
     */
    private function standing(array $touched, When $when): array
    {
        $ids = $touched === [] ? [] : Bulk::ids(DB::table('planting_standings')->whereIn('sown_lot', $touched)->where('sown_at', '>=', Moment::keep($when->now->modify('-18 months')))->pluck('planting_id'));
        $said = [];
        foreach (Tagged::plantings($ids) as $planting) {
            $course = $this->facts->planting($planting);
            $standing = $course->tending->standing;
            $season = $course->growing->season();
            if ($standing === 0) {
                continue;
            }
            $said[] = new CleanLotDocument($this->tags->planting($planting), match (true) {
                $course->growing->pickedAt !== null => 'it was picked: what was picked of it is of the crossing, too. Its fruit may be eaten where its kind is eaten',
                $season !== null && $season->ripeTo < $when->now => 'its season is past by what is usual: whatever of its kind bloomed with it may have had its pollen. Take no seed of it for the line',
                $course->growing->firstBloomAt === null && $season !== null && $season->firstBloom < $when->now => 'nobody noted its bloom, but by now it has usually begun: its pollen may be on whatever of its kind blooms with it. Take no seed of it for the line',
                $course->growing->firstBloomAt === null => 'it has not been seen to bloom: pull it before it does, or eat it, so that its pollen reaches nothing else of its kind; take no seed of it for the line',
                default => 'it has bloomed: its pollen may be on whatever of its kind bloomed with it. Take no seed of it for the line',
            });
        }

        return $said;
    }
}
