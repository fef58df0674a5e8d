<?php

declare(strict_types=1);

namespace App\Reading;

use Illuminate\Support\Facades\DB;
use Marrow\Core\Storage\StorePace;

/** How seed ages in this garden's store, for the forecast of each lot: by the tests of all others. */
final class StorePaces
{
    /** @var array{float, float, int}|null weight, pull and number of all lots */
    private ?array $all = null;

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
