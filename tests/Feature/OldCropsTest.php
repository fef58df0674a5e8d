<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Handbook\CropFiles;
use App\Handbook\OldCrops;
use App\Handbook\OwnFigures;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\CropFile;
use Tests\TestCase;

/** What a keeper gave when a crop had one season of sowing is read as it was meant. */
final class OldCropsTest extends TestCase
{
    public function test_an_annual_keeps_its_days(): void
    {
        $crop = CropFile::read('own', OldCrops::upTo(self::old([4, 5], [60, 85], 'annual')));
        $sowing = $crop->growing->sowings[0];
        self::assertSame([4, 5, 0, 60, 85], [$sowing->from, $sowing->to, $sowing->years, $sowing->daysMin, $sowing->daysMax]);
        self::assertNotNull($crop->ripening->shatters, 'what fell by itself still does');
    }

    public function test_a_biennial_blooms_in_the_weeks_its_days_came_to(): void
    {
        // The middle of May, June and July is the middle of June; 290 days on it is the beginning of April, 330 and 40 of bloom the middle of June.
        $sowing = CropFile::read('own', OldCrops::upTo(self::old([5, 7], [290, 330], 'biennial')))->growing->sowings[0];
        self::assertNull($sowing->daysMin);
        self::assertSame(1, $sowing->years);
        self::assertEqualsWithDelta(4.03, $sowing->bloomFrom, 0.06);
        self::assertEqualsWithDelta(6.66, $sowing->bloomTo, 0.06);
    }

    public function test_what_is_in_the_present_form_is_left_alone(): void
    {
        $pea = CropFiles::read(base_path('core/data/crops'), 'pea');
        self::assertSame($pea, OldCrops::upTo($pea));
    }

    public function test_own_figures_follow_with_the_garden(): void
    {
        $old = self::old([4, 5], [60, 85], 'annual');
        DB::table('own_crops')->insert(['crop' => 'oca', 'document' => json_encode($old)]);
        $figure = static fn (string $crop, string $path, float $value): bool => DB::table('crop_figures')->insert(['crop' => $crop, 'variety' => '', 'path' => $path, 'value' => $value]);
        $figure('pea', 'growing.sowing_to_bloom.0', 60);
        $figure('pea', 'growing.sowing_to_bloom.1', 90);
        // 430 days from the middle of March to May is the middle of June of the next year.
        $figure('parsnip', 'growing.sowing_to_bloom.0', 430);
        $figure('parsnip', 'isolation.home', 450);
        (require database_path('migrations/2026_11_29_000000_sow_in_several_seasons.php'))->up();
        app(OwnFigures::class)->forget();

        self::assertEquals(['growing.sowings.0.days.0' => 60, 'growing.sowings.0.days.1' => 90], app(OwnFigures::class)->of('pea', ''));
        self::assertEqualsWithDelta(6.6, app(OwnFigures::class)->of('parsnip', '')['growing.sowings.0.bloom.0'], 0.11);
        self::assertEquals(450, app(OwnFigures::class)->of('parsnip', '')['isolation.home']);
        $this->getJson('/api/crops/oca')->assertOk();
    }

    public function test_a_figure_that_no_longer_goes_with_its_crop_gives_way_to_the_handbook(): void
    {
        $pea = CropFiles::read(base_path('core/data/crops'), 'pea');
        self::assertSame(['isolation.home' => 30.0], OldCrops::figures(['growing.sowing_to_bloom.0' => 240.0, 'isolation.home' => 30.0], $pea));
    }

    /**
     * @param  array{int, int}  $months
     * @param  array{int, int}  $days
     * @return array<string, mixed>
     */
    private static function old(array $months, array $days, string $life): array
    {
        /** @var array{growing: array<string, mixed>, ripening: array<string, mixed>} $crop */
        $crop = CropFiles::read(base_path('core/data/crops'), 'tomatillo');
        unset($crop['growing']['sowings']);

        return [...$crop, 'life_cycle' => $life, 'seasons_to_seed' => [1, 1],
            'growing' => [...$crop['growing'], 'sow_months' => $months, 'sowing_to_bloom' => $days, 'bloom_days' => [25, 40]],
            'ripening' => [...$crop['ripening'], 'shatters' => true]];
    }
}
