<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Code;
use App\Models\Planting;
use Illuminate\Support\Facades\DB;

/** Writes the work of plans anew when something outside them has changed what they say. */
final readonly class PlansAfresh
{
    public function __construct(private PlanBook $book, private PlannedWork $work) {}

    /** After something was seen of a planting: every plan that it was grown by. */
    public function grown(Planting $planting): void
    {
        foreach ($this->book->years() as $year) {
            foreach ($this->book->open($year)->plan->plantings as $planned) {
                if (Code::number($planned->code, 'P') === $planting->number) {
                    $this->write($year);
                    break;
                }
            }
        }
    }

    /** After the handbook's figures have changed. */
    public function all(): void
    {
        DB::table('plan_tasks')->delete();
        foreach ($this->book->years() as $year) {
            $this->write($year);
        }
    }

    private function write(int $year): void
    {
        $this->work->write($this->book->open($year)->plan);
    }
}
