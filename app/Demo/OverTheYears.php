<?php

declare(strict_types=1);

namespace App\Demo;

use App\Garden\Settings;
use App\Models\Acting;
use App\Models\Variety;
use App\Rota\RotaBook;
use App\Rota\RotaWish;
use Illuminate\Support\Facades\DB;

/** Which lines Keepers' Acre keeps over the years, with what it gives for them, and three wishes that do not go together. */
final readonly class OverTheYears
{
    private const KEPT = [
        'beetroot' => ['Anchor Hole'], 'chard' => ['Signal Red', 'Port Light'], 'carrot' => ['Keel', 'Marline'], 'kale' => ['Breakwater', 'Spray'], 'leek' => ['Long Splice'],
        'onion' => ['Binnacle', 'Capstan'], 'parsnip' => ['Groyne', 'Keelson', 'Sandspit'], 'parsley' => ['Green Water'], 'lettuce' => ['Spindrift'], 'pea' => ['Hawser', 'Old Quay'],
        'pepper' => ['Flare Gun', 'Starboard'], 'runner-bean' => ['Foghorn'], 'squash-moschata' => ['Ballast'], 'maize' => ['Fog Signal'], 'tomato' => ['Quarterdeck'],
    ];

    /** Crops of which a line is to be sown next year, all three of which would flower in one. */
    private const PINNED = ['Groyne', 'Keelson', 'Anchor Hole'];

    private const GIVEN = ['rota_area' => '45', 'rota_hours' => '110', 'rota_cages' => '2'];

    public function __construct(private Settings $settings, private RotaBook $book) {}

    public function wish(int $first, Acting $by): void
    {
        foreach (self::GIVEN as $key => $typed) {
            $this->settings->put($key, $typed, $by);
        }
        $lines = [];
        $there = Variety::query()->whereIn('id', DB::table('lot_standings')->where('used_up', 0)->where('place', '!=', 'plot')->select('variety_id'))->orderBy('id')->get();
        foreach ($there as $variety) {
            $isKept = in_array($variety->name, self::KEPT[$variety->crop] ?? [], true);
            $pinned = $isKept && in_array($variety->name, self::PINNED, true);
            if (! $isKept || $pinned || $variety->name === 'Quarterdeck') {
                $lines[] = ['line' => $variety->id, 'let_go' => ! $isKept, 'pinned' => $pinned ? [$first] : [], 'promised' => $variety->name === 'Quarterdeck' && $isKept ? 'the swap in March' : ''];
            }
        }
        $this->book->save(0, RotaWish::read(['lines' => $lines, 'years' => []]), 'Which lines are kept over the years', $by);
    }
}
