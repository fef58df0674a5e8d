<?php

declare(strict_types=1);

namespace App\Lineage;

use App\Models\Lot;
use App\Models\Variety;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Breeding\NamesLine;
use Ramsey\Uuid\Uuid;

/**
 * Names that lots were given on the way to a line. A cross begins with its name; a lot that is named later is from then on of
 * another variety, and goes back to what it was called before when that is struck.
 */
final class LineNames
{
    /** The variety that goes by a name given to a line: it is there already, or begins. Whether it may was asked as it was recorded. */
    public static function variety(string $crop, NamesLine $line): Variety
    {
        return self::named($crop, $line) ?? Variety::query()->create([
            'id' => Uuid::uuid7()->toString(),
            'crop' => $crop,
            'name' => $line->name(),
            'type' => self::type($line),
            'generation' => '',
            'note' => '',
        ]);
    }

    /**
     * @param  ?string  $was  id of the variety that the lot is of so far
     *
     * @throws Refused where another variety is called so
     */
    public static function mustBeFree(string $crop, NamesLine $line, ?string $was = null): void
    {
        $there = self::named($crop, $line);
        // The same cross may be made again, and more of what splits, or was released, be of one line.
        if ($there === null || (! $line->isStable() && $there->type === VarietyType::Stabilising)
            || ($there->type === self::type($line) && DB::table('lot_names')->where('variety_id', $there->id)->exists())) {
            return;
        }

        throw Refused::at('name', $there->id === $was && $line->isStable()
            ? "{$there->name} is what all of it is called that still splits: give what is stable a name of its own."
            : "There is a variety of this crop called {$there->name} already: choose another name.");
    }

    /** The lot is of the variety that it was named last, or of the one that it began as. */
    public static function settle(Lot $lot, LotCourse $course): void
    {
        $entry = $course->breeding->namedBy();
        $rows = DB::table('lot_names')->where('lot_id', $lot->id)->orderBy('rowid')->get()->keyBy('entry_id');
        $was = $rows->first()->was ?? $lot->variety_id;
        if ($entry === null) {
            $rows->isEmpty() || self::call($lot, is_string($was) ? $was : $lot->variety_id);

            return;
        }
        $row = $rows->get($entry);
        if ($row === null) {
            $variety = self::variety($lot->variety->crop, $course->breeding->names[$entry]);
            DB::table('lot_names')->insert(['entry_id' => $entry, 'lot_id' => $lot->id, 'variety_id' => $variety->id, 'was' => $was]);
            self::call($lot, $variety->id);

            return;
        }
        self::call($lot, is_string($row->variety_id) ? $row->variety_id : $lot->variety_id);
    }

    private static function named(string $crop, NamesLine $line): ?Variety
    {
        return Variety::query()->where('crop', $crop)->whereRaw('lower(name) = lower(?)', [$line->name()])->first();
    }

    private static function call(Lot $lot, string $variety): void
    {
        if ($lot->variety_id !== $variety) {
            $lot->update(['variety_id' => $variety]);
            $lot->load('variety');
        }
    }

    private static function type(NamesLine $line): VarietyType
    {
        return $line->isStable() ? VarietyType::OpenPollinated : VarietyType::Stabilising;
    }
}
