<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lot;
use App\Models\Planting;
use App\Presenting\Tags;
use App\Reading\Tagged;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** What is read for the tags of a list at once makes the same tags as each lot and planting read by itself. */
final class TaggedTest extends TestCase
{
    public function test_the_tags_are_those_of_each_lot_and_planting(): void
    {
        $this->lay('marrow:demo');
        // One of either that nothing has been reckoned of.
        DB::table('lot_standings')->where('lot_id', DB::table('lots')->min('id'))->delete();
        DB::table('planting_standings')->where('planting_id', DB::table('plantings')->min('id'))->delete();
        foreach ([[Lot::class, Tagged::lots(...)], [Planting::class, Tagged::plantings(...)]] as [$model, $reads]) {
            $each = $model::query()->with(['variety', 'standing'])->get();
            self::assertGreaterThan(10, $each->count());
            $tagged = $reads($each->map(static fn (Lot|Planting $thing): string => $thing->id)->all());
            self::assertCount($each->count(), $tagged);
            foreach ($each as $thing) {
                self::assertEquals(app(Tags::class)->of($thing), app(Tags::class)->of($tagged[$thing->id]));
            }
        }
    }

    public function test_what_is_asked_for_twice_is_read_once_and_what_is_not_there_is_left_out(): void
    {
        $this->lay('marrow:demo');
        $id = Lot::query()->firstOrFail()->id;
        DB::enableQueryLog();
        self::assertSame([$id], array_keys(Tagged::lots([$id, $id, '00000000-0000-7000-8000-000000000000'])));
        self::assertSame([], Tagged::plantings([]));
        self::assertCount(1, DB::getQueryLog());
    }
}
