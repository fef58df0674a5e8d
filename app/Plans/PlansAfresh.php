<?php

declare(strict_types=1);

namespace App\Plans;

use App\Garden\SettingsChanged;
use App\Handbook\HandbookChanged;
use App\Journal\Changed;
use App\Journal\Reach;
use App\Models\Backlog;
use App\Models\WriteLock;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Settings\BearsOn;
use Marrow\Core\Settings\SettingList;

/** Writes the work of plans anew when something outside them has changed what they say. */
final readonly class PlansAfresh
{
    public function __construct(private PlanBook $book, private WorkPlanned $work) {}

    /** After something was recorded of plantings, or of what was picked from them: every plan that their variety is in. */
    public function journalChanged(Changed $changed): void
    {
        $plantings = $changed->ids(Subject::Planting, Reach::Since);
        $years = $plantings === [] ? [] : $this->years(DB::table('plantings')->whereIn('id', $plantings)->pluck('variety_id')->all());
        $this->write(array_values(array_unique([...$years, ...$this->ofLots($changed->ids(Subject::Lot, Reach::Beginning))])));
    }

    public function handbookChanged(HandbookChanged $changed): void
    {
        Backlog::addPlans($this->years(DB::table('varieties')->where('crop', $changed->crop)->pluck('id')->all()));
    }

    /** What is sown blooms later or sooner where the garden lies farther north or south. */
    public function settingsChanged(SettingsChanged $changed): void
    {
        if (SettingList::bearsOn($changed->key) === BearsOn::Everything) {
            Backlog::addPlans($this->book->years());
        }
    }

    /** The work of every plan, from the plans. */
    public function all(): void
    {
        WriteLock::hold(function (): void {
            DB::table('plan_tasks')->delete();
            DB::table('plan_varieties')->delete();
            $this->write($this->book->years());
        });
    }

    /** @param  list<int>  $years */
    public function write(array $years): void
    {
        foreach ($years as $year) {
            $this->work->write($this->book->open($year)->plan);
        }
    }

    /**
     * @param  array<array-key, mixed>  $varieties  ids
     * @return list<int> plans that they are in
     */
    private function years(array $varieties): array
    {
        return self::whole(DB::table('plan_varieties')->whereIn('variety_id', $varieties)->distinct()->pluck('year')->all());
    }

    /**
     * That something was picked ends what is asked of a planting. Those of other seasons are in no plan.
     *
     * @param  list<string>  $lots  ids
     * @return list<int> plans that what they were picked from may be in
     */
    private function ofLots(array $lots): array
    {
        return $lots === [] ? [] : self::whole(DB::table('lot_parents')->whereIn('lot_id', $lots)
            ->join('plantings', 'plantings.id', '=', 'lot_parents.planting_id')->join('planting_standings', 'planting_standings.planting_id', '=', 'plantings.id')
            ->join('plan_varieties', 'plan_varieties.variety_id', '=', 'plantings.variety_id')
            ->whereRaw('(season IS NULL OR year BETWEEN season - ? AND season + ?)', [Observed::SEASONS_APART, Observed::SEASONS_APART])->distinct()->pluck('year')->all());
    }

    /**
     * @param  array<array-key, mixed>  $years
     * @return list<int>
     */
    private static function whole(array $years): array
    {
        return array_values(array_map(static fn (mixed $year): int => is_numeric($year) ? (int) $year : 0, $years));
    }
}
