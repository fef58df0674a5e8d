<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\FamilyDrawingDocument;
use App\Documents\FamilyLinkDocument;
use App\Documents\FamilyNodeDocument;
use App\Lineage\Crossings;
use App\Lineage\Family;
use App\Models\Bulk;
use App\Models\Lot;
use App\Models\Planting;
use App\Reading\Facts;
use App\Reading\PassedOn;
use App\Voice\Quantity;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Population\Role;
use SplPriorityQueue;

/**
 * A family as it is drawn: whom seed came from, lots, what was grown of them, whom it went to. Where there are too many lots to be
 * seen at once, those of which nothing came are folded into one by what they came of, the used up ones first, and so on from the last
 * to the first.
 */
final class FamilyDrawing
{
    /** Lots that are drawn one by one. */
    private const MOST = 300;

    /** Whom seed was given to, that are named at one lot. */
    private const NAMES = 3;

    /** @var array<string, FamilyNodeDocument> */
    private array $nodes = [];

    /** @var list<FamilyLinkDocument> */
    private array $links = [];

    /** @var array<string, true> lots that are drawn within another node */
    private array $within = [];

    /**
     * @param  array<string, Lot>  $lots  by id, with standing
     * @param  array<string, Planting>  $plantings
     * @param  array<string, true>  $gone  ids of lots of which nothing is left
     */
    private function __construct(private readonly Family $family, private readonly array $lots, private readonly array $plantings, private readonly array $gone, private readonly Facts $facts, private readonly Crossings $crossings) {}

    /**
     * @param  array<string, Lot>  $lots
     * @param  array<string, Planting>  $plantings
     */
    public static function of(Family $family, array $lots, array $plantings, Facts $facts, Crossings $crossings): FamilyDrawingDocument
    {
        $gone = [];
        foreach (array_chunk(array_keys($lots), 500) as $some) {
            $gone += array_fill_keys(Bulk::ids(DB::table('lot_standings')->whereIn('lot_id', $some)->where('used_up', 1)->pluck('lot_id')), true);
        }

        return (new self($family, $lots, $plantings, $gone, $facts, $crossings))->drawn();
    }

    private function drawn(): FamilyDrawingDocument
    {
        $folded = $this->folded();
        foreach ($this->lots as $id => $lot) {
            isset($this->within[$id]) || $this->lot($lot);
        }
        foreach ($folded as $by => $ids) {
            $this->fold((string) $by, $ids);
        }
        $this->given(array_keys(array_diff_key($this->lots, $this->within)));
        $many = array_sum(array_map(count(...), $folded));

        return new FamilyDrawingDocument(array_values($this->nodes), $this->links, $many === 0 ? '' : sprintf('%s are drawn together, by what they came of: those of which nothing is left or came first.', Quantity::number($many, 'lot')));
    }

    /**
     * From the last to the first: of what came of a lot all is folded before it is itself, so that what is drawn hangs together.
     *
     * @return array<string, non-empty-list<string>> ids of lots that are drawn as one, by the lot that they came of
     */
    private function folded(): array
    {
        $left = count($this->lots) - self::MOST;
        if ($left <= 0) {
            return [];
        }
        $came = $from = [];
        foreach (array_keys($this->lots) as $id) {
            foreach ($this->family->pedigree->links($id) as $link) {
                if ($link->from !== null && isset($this->lots[$link->from])) {
                    $came[$link->from] = ($came[$link->from] ?? 0) + 1;
                    $from[$id][] = $link->from;
                }
            }
        }
        // What somebody asked for stays, and so does what it came of.
        $stays = count($this->family->roots) === 1 ? array_fill_keys($this->family->roots, true) : [];
        $ends = new SplPriorityQueue;
        $wait = function (string $id) use ($ends, $stays): void {
            isset($stays[$id]) || $ends->insert($id, [(int) isset($this->gone[$id]), -$this->lots[$id]->number]);
        };
        foreach (array_keys($this->lots) as $id) {
            isset($came[$id]) || $wait($id);
        }
        for (; $left > 0 && ! $ends->isEmpty(); $left--) {
            $id = $ends->extract();
            $this->within[$id] = true;
            foreach ($from[$id] ?? [] as $parent) {
                if (--$came[$parent] === 0) {
                    $wait($parent);
                }
            }
        }
        $folded = [];
        foreach (array_keys($this->within) as $id) {
            for ($of = $from[$id][0] ?? ''; $of !== '' && isset($this->within[$of]);) {
                $of = $from[$of][0] ?? '';
            }
            $folded[$of][] = $id;
        }

        return $folded;
    }

    /** @param  non-empty-list<string>  $ids */
    private function fold(string $by, array $ids): void
    {
        $gone = count(array_filter($ids, fn (string $id): bool => isset($this->gone[$id])));
        $first = $this->lots[$ids[0]];
        $this->nodes["folded $by"] = new FamilyNodeDocument("folded $by", 'folded', '', Quantity::number(count($ids), 'lot'), $first->code().(count($ids) === 1 ? '' : ' and others').($gone === 0 ? '' : ($gone === count($ids) ? ', used up' : ", $gone used up")), $first->standing?->year, []);
        if ($by !== '') {
            $this->links[] = new FamilyLinkDocument($by, "folded $by", 'sown', null);
        }
    }

    private function lot(Lot $lot): void
    {
        $id = $lot->id;
        $links = $this->family->links($id);
        $crop = $this->facts->crop($lot->variety);
        $plants = ($links[0] ?? null) === null || $links[0][0]->role !== Role::Mother ? null : $links[0][0]->plants;
        $splits = $this->family->generations->filial($id) !== '';
        $marks = array_keys(array_filter([
            'this' => $this->family->roots === [$id],
            // One plant is what a new line is made of.
            'few parents' => ! $splits && $plants !== null && $plants < $crop->parents->bare,
            'cross' => $this->family->pedigree->isCross($id),
            'mixed' => count($links) > 1 && $links[0][0]->role === Role::Part,
            'crossed' => $this->crossings->of($id) !== null,
            'stable' => $this->family->generations->isReleased($id),
            'used up' => isset($this->gone[$id]),
        ]));
        $this->nodes[$id] = new FamilyNodeDocument($id, 'lot', $lot->code(), trim($lot->variety->name.' '.$this->family->generations->label($id)), $plants === null ? '' : 'off '.Quantity::number($plants, 'plant'), $lot->standing?->year, $marks);
        $this->parents($id, $id);
    }

    private function parents(string $lot, string $node): void
    {
        $links = $this->family->links($lot);
        if ($links === []) {
            $this->source($lot, $node);
        }
        foreach ($links as [$link, $planting, , $told]) {
            $role = match ($link->role) {
                Role::Mother => 'seed',
                Role::Father => 'pollen',
                Role::Part => 'part',
            };
            if ($planting === null) {
                $from = $link->from === null ? $this->words($told === '' ? 'nobody knows what' : $told) : $this->nodeOf($link->from);
                $from === null || $this->links[] = new FamilyLinkDocument($from, $node, $role, $link->plants);

                continue;
            }
            $this->planting($planting, $link->from, $told);
            $this->links[] = new FamilyLinkDocument($planting, $node, $role, $link->plants);
        }
    }

    private function planting(string $id, ?string $sownFrom, string $told): void
    {
        if (isset($this->nodes[$id])) {
            return;
        }
        $planting = $this->plantings[$id] ?? null;
        $stood = $planting?->standing?->plants;
        $this->nodes[$id] = new FamilyNodeDocument($id, 'planting', $planting?->code() ?? '', $planting?->standing?->season === null ? 'grown' : (string) $planting->standing->season, $stood === null ? '' : Quantity::number($stood, 'plant'), $planting?->standing?->season, []);
        $from = $sownFrom === null ? $this->words($told === '' ? 'seed nobody named' : $told) : $this->nodeOf($sownFrom);
        $from === null || $this->links[] = new FamilyLinkDocument($from, $id, 'sown', $stood);
    }

    /** The node of a lot; null where it is not drawn. */
    private function nodeOf(string $lot): ?string
    {
        return isset($this->lots[$lot]) && ! isset($this->within[$lot]) ? $lot : null;
    }

    /** Whom a lot came from. */
    private function source(string $lot, string $node): void
    {
        $received = DB::table('journal_entries')->where('subject', 'lot')->where('subject_id', $lot)->where('kind', 'received')->value('payload');
        $from = is_string($received) ? (json_decode($received, true)['from'] ?? '') : '';
        if (is_string($from) && trim($from) !== '') {
            $this->links[] = new FamilyLinkDocument($this->words(trim($from)), $node, 'came', null);
        }
    }

    private function words(string $told): string
    {
        $id = 'source '.mb_strtolower($told);
        $this->nodes[$id] ??= new FamilyNodeDocument($id, 'source', '', $told, '', null, []);

        return $id;
    }

    /** @param  list<string>  $lots  ids */
    private function given(array $lots): void
    {
        foreach (PassedOn::of($lots) as $lot => $gifts) {
            $names = array_values(array_unique(array_map(static fn (array $gift): string => $gift['name'] === '' ? 'somebody' : $gift['name'], $gifts)));
            $this->nodes["given $lot"] = new FamilyNodeDocument("given $lot", 'given', '', implode(', ', array_slice($names, 0, self::NAMES)), count($names) > self::NAMES ? sprintf('and %d more', count($names) - self::NAMES) : (string) $gifts[0]['year'], $gifts[0]['year'], []);
            $this->links[] = new FamilyLinkDocument((string) $lot, "given $lot", 'given', null);
        }
    }
}
