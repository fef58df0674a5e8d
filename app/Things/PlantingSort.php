<?php

declare(strict_types=1);

namespace App\Things;

use App\Documents\FoundDocument;
use App\Finding\Sought;
use App\Journal\Begins;
use App\Journal\Changed;
use App\Journal\Draft;
use App\Lineage\Parents;
use App\Models\Bulk;
use App\Models\Code;
use App\Models\Place;
use App\Models\Planting;
use App\Models\PlantingStanding;
use App\Models\Recorded;
use App\Presenting\PlantingSheet;
use App\Presenting\Tags;
use App\Projection\Rows;
use App\Projection\Spans;
use App\Reading\Facts;
use App\Reading\Tagged;
use App\Tagging\PaperTags;
use App\Voice\Quantity;
use App\Voice\When;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Facades\DB;
use LogicException;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Course;
use Marrow\Core\Folding\Question;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Steps\Shelf\FruitMoved;
use Marrow\Core\Steps\Shelf\FruitShelved;
use Marrow\Core\Work\Place as WorkPlace;

/** Plantings on the plot. */
final readonly class PlantingSort implements ThingSort
{
    /** Letters. */
    private const SPOT = 120;

    private const FOUND = 20;

    /** °C. In the cold fruit goes glassy and rots, and its seed ripens no more: squash and melon are harmed below 10 °C, and a larder in autumn is no harm. */
    private const TOO_COLD = 7.0;

    public function __construct(private Facts $facts, private Tags $tags, private PaperTags $paper) {}

    public function subject(): Subject
    {
        return Subject::Planting;
    }

    public function listed(): string
    {
        return '/plot';
    }

    public function table(): string
    {
        return 'plantings';
    }

    public function find(string $id): ?Planting
    {
        return Planting::query()->with('variety')->find($id);
    }

    public function byNumber(int $number): ?Planting
    {
        return Tagged::planting($number);
    }

    public function goneBy(string $id): ?string
    {
        return null;
    }

    public function comeBack(string $id): void {}

    public function mustBe(Recorded $thing, Draft $draft): void
    {
        $planting = self::planting($thing);
        if ($draft->begins?->variety !== null && $planting->variety_id !== $draft->begins->variety) {
            throw Refused::at('variety', "{$planting->code()} stands already, of another variety. Nothing was changed.");
        }
    }

    public function begin(Draft $draft, Begins $begins, Kind $kind): Planting
    {
        $variety = $begins->variety();
        if (mb_strlen($begins->spot) > self::SPOT) {
            throw Refused::at('spot', sprintf('The spot is too long: at most %d letters.', self::SPOT));
        }
        Planting::query()->create(['id' => $draft->aboutId, 'number' => Code::next('plantings'), 'variety_id' => $variety->id, 'spot' => trim($begins->spot)]);

        return $this->find($draft->aboutId) ?? throw new LogicException('A planting that was made is not there.');
    }

    public function admit(Recorded $thing, array $entries, Entry $entry, ?string $replaces = null, ?Course $before = null): Admission
    {
        return PlantingCourse::admit($this->facts->ofPlanting(self::planting($thing), [...Course::without($entries, $replaces), $entry]), $entries, $entry, $replaces, $before);
    }

    public function leftAdrift(Recorded $thing, array $entries, string $without): array
    {
        return PlantingCourse::leftWithout($this->facts->ofPlanting(self::planting($thing), $entries), $entries, $without);
    }

    public function alsoAsks(Recorded $thing, Entry $entry): array
    {
        $payload = $entry->payload;
        $place = $payload instanceof FruitShelved || $payload instanceof FruitMoved ? Place::query()->find($payload->placeId) : null;
        $air = $place instanceof Place ? $this->facts->holdings()->around($place->id, null)?->at($entry->happenedAt)->air : null;

        return $place instanceof Place && $air !== null && $air->temperatureC < self::TOO_COLD
            ? [new Question('place_id', sprintf('It is %s in %s: in the refrigerator fruit goes glassy and rots, and its seed ripens no more.', Quantity::temperature($air->temperatureC), $place->name), true)]
            : [];
    }

    public function names(array $ids): array
    {
        return DB::table('plantings')->whereIn('id', $ids)->pluck('number', 'id')->map(static fn (mixed $number): string => Code::of(Subject::Planting, $number))->all();
    }

    public function shown(array $ids): array
    {
        return array_map($this->tags->shown(...), Tagged::plantings($ids));
    }

    public function folded(string $id): ?PlantingCourse
    {
        $planting = $this->find($id);

        return $planting === null ? null : $this->facts->planting($planting);
    }

    public function offered(array $ids, When $when): array
    {
        return array_map(PlantingSheet::offers(...), $this->facts->plantings(Planting::query()->with('variety')->findMany($ids)->toBase()));
    }

    public function offersAt(string $id, ?DateTimeImmutable $before, DateTimeImmutable $now): array
    {
        $planting = $this->find($id);

        return $planting === null ? [] : ($before === null ? $this->facts->planting($planting) : $this->facts->plantingBefore($planting, $before))->offers();
    }

    public function every(): Query
    {
        return DB::table('plantings');
    }

    /** When it was sown bounds when its lots can have been picked. */
    public function bearsOn(array $ids, Changed $changed): array
    {
        return [Subject::Lot->value => Bulk::ids(DB::table('lot_parents')->whereIn('planting_id', $ids)->pluck('lot_id'))];
    }

    public function project(array $ids): array
    {
        $plantings = Planting::query()->with('variety')->findMany($ids);
        $courses = $this->facts->plantings($plantings->toBase());
        $rows = $tasks = [];
        foreach ($plantings as $planting) {
            $course = $courses[$planting->id];
            $rows[] = Rows::planting($planting, $course, PlantingStanding::lotsOf($planting->id));
            $tasks[] = [$planting, $course->due()];
        }
        PlantingStanding::query()->upsert($rows, 'planting_id');
        Parents::follow(array_values($ids));
        Spans::keep(Subject::Planting, $ids);

        return $tasks;
    }

    /** The one of the code that was typed, then the newest. */
    public function seek(Sought $sought): array
    {
        $query = PlantingStanding::query()->join('plantings', 'plantings.id', '=', 'planting_standings.planting_id')->select(['planting_id', 'lots']);
        $sought->narrow($query, PlantingStanding::WORDS);
        $found = array_values($query->orderByRaw('plantings.number = ? DESC', [Code::number($sought->text, Subject::Planting) ?? 0])->orderByDesc('plantings.number')->limit(self::FOUND)->get()->all());
        $plantings = Tagged::plantings(array_map(static fn (PlantingStanding $row): string => $row->planting_id, $found));

        return array_map(fn (PlantingStanding $row): FoundDocument => FoundDocument::thing($this->tags->planting($plantings[$row->planting_id]), $row->lots > 0 ? 'planting, picked' : 'on the plot'), $found);
    }

    public function paper(array $numbers, string $place, When $when): array
    {
        $plantings = Planting::query()->with(['variety', 'standing'])
            ->where(static function ($query) use ($numbers, $place): void {
                $query->whereIn('number', $numbers);
                if ($place === WorkPlace::Plot->value) {
                    $query->orWhereIn('id', DB::table('planting_standings')->where('lots', 0)->select('planting_id'));
                }
            })
            ->orderBy('number')->limit(self::MOST)->get();

        return array_merge([], ...array_values($plantings->map($this->paper->ofPlanting(...))->all()));
    }

    private static function planting(Recorded $thing): Planting
    {
        return $thing instanceof Planting ? $thing : throw new LogicException('That is no planting.');
    }
}
