<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\Planting;
use App\Models\Recorded;
use App\Models\Variety;
use App\Reading\Facts;
use LogicException;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Course;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Planting\PlantingCourse;

final readonly class PlantingsRecorded implements RecordedSubject
{
    /** Letters. */
    private const SPOT = 120;

    public function __construct(private Facts $facts) {}

    public function subject(): Subject
    {
        return Subject::Planting;
    }

    public function find(string $id): ?Planting
    {
        return Planting::query()->with('variety')->find($id);
    }

    public function mustBe(Recorded $thing, Draft $draft): void
    {
        $planting = self::planting($thing);
        if ($draft->begins?->variety !== null && $planting->variety_id !== $draft->begins->variety) {
            throw Refused::at('variety', "{$planting->code()} stands already, of another variety. Nothing was changed.");
        }
    }

    public function begin(Draft $draft, Begins $begins, Kind $kind): Planting
    {
        $variety = Variety::query()->find($begins->variety ?? '')
            ?? throw Refused::at('variety', ($begins->variety ?? '') === '' ? 'Choose the variety, or add it first.' : 'There is no such variety. Add it first.');
        if (mb_strlen($begins->spot) > self::SPOT) {
            throw Refused::at('spot', sprintf('The spot is too long: at most %d letters.', self::SPOT));
        }
        $highest = Planting::query()->max('number');
        Planting::query()->create(['id' => $draft->aboutId, 'number' => (is_numeric($highest) ? (int) $highest : 0) + 1, 'variety_id' => $variety->id, 'spot' => trim($begins->spot)]);

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
        return [];
    }

    private static function planting(Recorded $thing): Planting
    {
        return $thing instanceof Planting ? $thing : throw new LogicException('That is no planting.');
    }
}
