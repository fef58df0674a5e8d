<?php

declare(strict_types=1);

namespace App\Intake;

use App\Clock;
use App\Documents\IntakeFollowsDocument;
use App\Documents\IntakeFollowsLotDocument;
use App\Models\Act;
use App\Models\Bulk;
use App\Models\JournalEntry;
use App\Models\Lot;
use App\Models\LotStanding;
use App\Reading\Facts;
use App\Voice\Quantity;
use App\Words\HandbookWords;
use Closure;
use Illuminate\Support\Collection;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropName;
use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Fields\Show;
use Marrow\Core\Work\Place;

/** What follows from what came in, said at once: what wants a test first, what will not come true, what is the last of its kind. */
final readonly class Follows
{
    /** So many are named of each; of more, those that matter most. */
    private const NAMED = 12;

    /** Share of a crop's ordinary years in a cupboard after which seed is not relied on untested. */
    private const OLD = 0.75;

    public function __construct(private Facts $facts, private Clock $clock) {}

    /** @return list<IntakeFollowsDocument> those of which there are any */
    public function of(Act $act): array
    {
        $ids = JournalEntry::query()->toBase()->where('act', $act->id)->where('kind', 'received')->pluck('subject_id')->all();
        /** @var Collection<int, Lot> $lots */
        $lots = new Collection;
        foreach (array_chunk($ids, 500) as $some) {
            $lots = $lots->concat(Lot::query()->with(['variety', 'standing'])->findMany($some)->all());
        }
        $lots = $lots->filter(static fn (Lot $lot): bool => $lot->standing?->used_up === 0)->sortBy('number')->values();
        $spans = [];
        foreach ($lots as $lot) {
            $spans[$lot->id] = $this->span($lot);
        }
        $alone = LotStanding::alone(Bulk::ids($lots->pluck('variety_id')));
        $isOld = static fn (Lot $lot): bool => ($spans[$lot->id] ?? 0.0) >= self::OLD;
        $fewest = (int) $this->facts->practice->number('fewest_to_test');
        $isFew = static fn (Lot $lot): bool => $lot->standing?->seeds !== null && $lot->standing->seeds < $fewest;
        $byAge = static fn (Lot $a, Lot $b): int => [$spans[$b->id] ?? -1, $a->number] <=> [$spans[$a->id] ?? -1, $b->number];
        $isHybrid = static fn (Lot $lot): bool => $lot->variety->type->isHybrid();
        $isLast = static fn (Lot $lot): bool => isset($alone[$lot->variety_id]) && ! $isHybrid($lot) && ($isOld($lot) || $isFew($lot));

        return array_values(array_filter([
            $this->group($lots->filter($isLast)->sort($byAge), '%s the last of %s kind, and old or few', 'Nothing else of that variety is here. Test no more of it than it bears, and sow it for seed before anything else.', fn (Lot $lot): string => $this->age($lot).($isFew($lot) ? ', '.Quantity::number((int) $lot->standing?->seeds, 'seed') : '')),
            $this->group($lots->filter(static fn (Lot $lot): bool => $isOld($lot) && ! $isFew($lot) && ! $isLast($lot))->sort($byAge), '%s testing first', 'By their age they may have fallen low. Twenty seeds on damp paper tell.', $this->age(...), ['wants', 'want']),
            $this->group($lots->filter(static fn (Lot $lot): bool => $spans[$lot->id] === null && ! $isLast($lot) && ! $isFew($lot)), '%s of no known age', 'Nobody knows when it ripened, so nothing can be said of how long it will last. A test says more than its age would.', fn (Lot $lot): string => $this->age($lot)),
            $this->group($lots->filter(static fn (Lot $lot): bool => $lot->standing?->place === Place::Bench->value), '%s on the bench until it is said where %s', 'Nobody wrote down a place. Put away, they stand in the store.', static fn (Lot $lot): string => 'no place told', its: ['it lies', 'they lie']),
            $this->group($lots->filter($isHybrid), '%s', 'They may be sown, and will not come true from seed of their own. Who wants the line grows it out and selects for five generations or more; whether that is allowed of a protected variety depends on where you live.', static fn (Lot $lot): string => 'hybrid', ['is a hybrid', 'are hybrids']),
            $this->group($lots->filter(static fn (Lot $lot): bool => $lot->variety->type === VarietyType::Unknown), '%s of a variety of which nobody has said whether it comes true', 'Grow a few and look, or say in Varieties what is known of them.', static fn (Lot $lot): string => 'not known to come true'),
        ]));
    }

    /**
     * @param  Collection<int, Lot>  $lots
     * @param  string  $title  with the verb, and the pronoun, left open
     * @param  Closure(Lot): string  $why
     * @param  array{string, string}  $verb
     * @param  array{string, string}  $its
     */
    private function group(Collection $lots, string $title, string $advice, Closure $why, array $verb = ['is', 'are'], array $its = ['its', 'their']): ?IntakeFollowsDocument
    {
        $many = $lots->count();
        if ($many === 0) {
            return null;
        }
        $at = $many === 1 ? 0 : 1;

        return new IntakeFollowsDocument(
            Show::count((float) $many).' '.sprintf($title, $verb[$at], $its[$at]),
            $advice,
            array_values($lots->take(self::NAMED)->map(fn (Lot $lot): IntakeFollowsLotDocument => new IntakeFollowsLotDocument(
                $lot->code(),
                $lot->variety->name.', '.CropName::inSentence($this->crop($lot)->name),
                $why($lot),
            ))->all()),
        );
    }

    private function age(Lot $lot): string
    {
        $year = $lot->standing?->year;
        $lasts = 'ordinarily lasts '.HandbookWords::years($this->crop($lot)->ordinaryYears);

        return $year === null ? "year not known, $lasts" : "ripened in $year, $lasts";
    }

    /** How old it is, as a share of its crop's ordinary years; null where nobody knows, or nothing is stored dry. */
    private function span(Lot $lot): ?float
    {
        $year = $lot->standing?->year;
        $crop = $this->crop($lot);

        return $year === null ? null : ((int) $this->clock->now()->format('Y') - $year) / max(0.1, $crop->ordinaryYears);
    }

    private function crop(Lot $lot): Crop
    {
        return $this->facts->crop($lot->variety);
    }
}
