<?php

declare(strict_types=1);

namespace App\Plans;

use App\Garden\SettingsChanged;
use App\Handbook\HandbookChanged;
use App\Journal\Changed;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Subject;

/** Writes the work of plans anew when something outside them has changed what they say. */
final readonly class PlansAfresh
{
    public function __construct(private PlanBook $book, private WorkPlanned $work) {}

    /** After something was recorded of plantings: every plan that their variety is in. */
    public function journalChanged(Changed $changed): void
    {
        $plantings = $changed->ids(Subject::Planting);
        if ($plantings !== []) {
            $this->ofVarieties(DB::table('plantings')->whereIn('id', $plantings)->pluck('variety_id')->all());
        }
    }

    public function handbookChanged(HandbookChanged $changed): void
    {
        $this->ofVarieties(DB::table('varieties')->where('crop', $changed->crop)->pluck('id')->all());
    }

    /** What is sown blooms later or sooner where the garden lies farther north or south. */
    public function settingsChanged(SettingsChanged $changed): void
    {
        if ($changed->key === 'latitude') {
            $this->all();
        }
    }

    /** The work of every plan, from the plans. */
    public function all(): void
    {
        DB::table('plan_tasks')->delete();
        DB::table('plan_varieties')->delete();
        foreach ($this->book->years() as $year) {
            $this->write($year);
        }
    }

    /** @param  array<array-key, mixed>  $varieties  ids */
    private function ofVarieties(array $varieties): void
    {
        foreach (DB::table('plan_varieties')->whereIn('variety_id', $varieties)->distinct()->pluck('year') as $year) {
            $this->write(is_numeric($year) ? (int) $year : 0);
        }
    }

    private function write(int $year): void
    {
        $this->work->write($this->book->open($year)->plan);
    }
}
