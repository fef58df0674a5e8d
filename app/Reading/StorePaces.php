<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Bulk;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Storage\StorePace;

/** How seed ages in this garden's store, for the forecast of each lot: by the tests of all others. */
final class StorePaces
{
    /** @var array{float, float, int}|null weight, pull and number of all lots */
    private ?array $all = null;

    private bool $taught = false;

    /** As long as no test has told anything: forecasts go by the model alone. */
    public static function untaught(): self
    {
        $paces = new self;
        $paces->all = [0.0, 0.0, 0];

        return $paces;
    }

    public function of(string $lot): StorePace
    {
        [$weight, $pull, $lots] = $this->all();
        if ($lots === 0) {
            return StorePace::unknown();
        }
        $own = DB::table('lot_paces')->where('lot_id', $lot)->first(['weight', 'pull']);

        return $own === null ? StorePace::summed($weight, $pull, $lots) : self::without($own, [$weight, $pull, $lots]);
    }

    /** For a lot without a test of its own. */
    public function ofUntested(): StorePace
    {
        [$weight, $pull, $lots] = $this->all();

        return $lots === 0 ? StorePace::unknown() : StorePace::summed($weight, $pull, $lots);
    }

    public function forget(): void
    {
        $this->all = null;
    }

    /**
     * Keeps what the tests of some lots tell.
     *
     * @param  list<string>  $lots  ids
     * @param  array<string, array{lot_id: string, weight: float, pull: float}>  $paces  what those of some of them tell, by id
     */
    public function tell(array $lots, array $paces): void
    {
        // To the digits that count: the same tests tell the same, in whatever order they are summed.
        $said = static fn (float $weight, float $pull): string => sprintf('%.9e %.9e', $weight, $pull);
        $was = [];
        foreach (DB::table('lot_paces')->whereIn('lot_id', $lots)->get() as $row) {
            /** @var object{lot_id: string, weight: float, pull: float} $row */
            $was[$row->lot_id] = $said($row->weight, $row->pull);
        }
        $is = array_map(static fn (array $pace): string => $said($pace['weight'], $pace['pull']), $paces);
        if (array_diff_assoc($was, $is) === [] && array_diff_assoc($is, $was) === []) {
            return;
        }
        DB::table('lot_paces')->whereIn('lot_id', $lots)->delete();
        Bulk::insert('lot_paces', array_values($paces));
        $this->forget();
        $this->taught = true;
    }

    /** Whether anything else was told of the store than before, since this was last asked. */
    public function wereTaught(): bool
    {
        [$taught, $this->taught] = [$this->taught, false];

        return $taught;
    }

    /** @return list<string> lots in store whose forecast was reckoned when something else was to be expected of it */
    public function behind(): array
    {
        $this->forget();
        $all = $this->all();
        $behind = DB::table('lot_standings')->leftJoin('lot_paces', 'lot_paces.lot_id', '=', 'lot_standings.lot_id')
            ->whereNotNull('good_until')->whereNull('lot_paces.lot_id')
            ->where('pace', '!=', StorePace::summed(...$all)->key())->pluck('lot_standings.lot_id')->all();
        $tested = DB::table('lot_paces')->join('lot_standings', 'lot_standings.lot_id', '=', 'lot_paces.lot_id')
            ->whereNotNull('good_until')->get(['lot_paces.lot_id', 'weight', 'pull', 'pace']);
        foreach ($tested as $own) {
            /** @var object{lot_id: string, weight: float, pull: float, pace: string} $own */
            if (self::without($own, $all)->key() !== $own->pace) {
                $behind[] = $own->lot_id;
            }
        }

        return array_values(array_filter($behind, is_string(...)));
    }

    /**
     * @param  object  $own  with a weight and a pull
     * @param  array{float, float, int}  $all
     */
    private static function without(object $own, array $all): StorePace
    {
        /** @var object{weight: float, pull: float} $own */
        return StorePace::summed($all[0] - $own->weight, $all[1] - $own->pull, $all[2] - 1);
    }

    /** @return array{float, float, int} */
    private function all(): array
    {
        if ($this->all === null) {
            $sum = DB::table('lot_paces')->selectRaw('total(weight) AS weight, total(pull) AS pull, count(*) AS lots')->first();
            /** @var object{weight: float, pull: float, lots: int} $sum */
            $this->all = [$sum->weight, $sum->pull, $sum->lots];
        }

        return $this->all;
    }
}
