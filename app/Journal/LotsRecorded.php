<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\Lot;
use App\Models\LotOrigin;
use App\Models\Planting;
use App\Models\Recorded;
use App\Models\Variety;
use App\Reading\Facts;
use LogicException;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Lot\LotCourse;

final readonly class LotsRecorded implements RecordedSubject
{
    public function __construct(private Facts $facts) {}

    public function subject(): Subject
    {
        return Subject::Lot;
    }

    public function find(string $id): ?Lot
    {
        return Lot::query()->with(['variety', 'planting.variety'])->find($id);
    }

    public function mustBe(Recorded $thing, Draft $draft): void
    {
        $lot = self::lot($thing);
        if ($draft->begins?->planting !== null && $lot->planting?->id !== $draft->begins->planting) {
            throw Refused::at('id', "That lot stands already, as {$lot->code()} of another planting. Nothing was changed.");
        }
        if ($draft->begins?->variety !== null && $lot->variety_id !== $draft->begins->variety) {
            throw Refused::at('variety', "{$lot->code()} stands already, of another variety. Nothing was changed.");
        }
    }

    public function begin(Draft $draft, Begins $begins, Kind $kind): Lot
    {
        $planting = $begins->planting === null ? null : Planting::query()->find($begins->planting) ?? throw Refused::at('planting', 'There is no such planting.');
        $variety = $planting === null ? self::variety($begins)->id : $planting->variety_id;
        if ($planting === null && $kind->from === Subject::Planting) {
            throw Refused::at('planting', 'Say which planting it was picked from.');
        }
        $highest = Lot::query()->max('number');
        Lot::query()->create(['id' => $draft->aboutId, 'number' => (is_numeric($highest) ? (int) $highest : 0) + 1, 'variety_id' => $variety]);
        LotOrigin::query()->insert(['lot_id' => $draft->aboutId, 'kind' => $draft->kind, 'planting_id' => $planting?->id]);

        return $this->find($draft->aboutId) ?? throw new LogicException('A lot that was made is not there.');
    }

    public function admit(Recorded $thing, array $entries, Entry $entry): Admission
    {
        return LotCourse::admit($this->facts->ofLot(self::lot($thing)), $entries, $entry, $this->facts->practice);
    }

    public function alsoAsks(Recorded $thing, Entry $entry): array
    {
        return [];
    }

    private static function lot(Recorded $thing): Lot
    {
        return $thing instanceof Lot ? $thing : throw new LogicException('That is no lot.');
    }

    /** @throws Refused */
    private static function variety(Begins $begins): Variety
    {
        return Variety::query()->find($begins->variety ?? '')
            ?? throw Refused::at('variety', ($begins->variety ?? '') === '' ? 'Choose the variety, or add it first.' : 'There is no such variety. Add it first.');
    }
}
