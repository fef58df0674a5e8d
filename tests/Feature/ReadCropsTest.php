<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Handbook\CropFiles;
use App\Handbook\OwnFigures;
use App\Handbook\ReadCrops;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Crops kept as once read are the crops of the files, and never older ones. */
final class ReadCropsTest extends TestCase
{
    private string $folder;

    private string $kept;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = $this->database.'-crops';
        $this->kept = $this->database.'-kept.php';
        mkdir($this->folder);
        copy(base_path('core/data/crops/leek.json'), "$this->folder/leek.json");
    }

    public function test_what_is_kept_is_what_the_files_say(): void
    {
        (new ReadCrops($this->kept))->make($this->folder);
        $leek = (new ReadCrops($this->kept))->get('leek', "$this->folder/leek.json");
        self::assertEquals(CropFiles::load($this->folder)->get('leek'), $leek);
        self::assertNull((new ReadCrops($this->kept))->get('pea', "$this->folder/pea.json"), 'of what was not there nothing is kept');
    }

    public function test_a_file_that_is_newer_is_read_itself(): void
    {
        (new ReadCrops($this->kept))->make($this->folder);
        touch("$this->folder/leek.json", time() + 60);
        self::assertNull((new ReadCrops($this->kept))->get('leek', "$this->folder/leek.json"));
    }

    public function test_the_names_are_had_without_reading_the_crops_and_are_theirs(): void
    {
        (new ReadCrops($this->kept))->make($this->folder);
        $title = (new ReadCrops($this->kept))->title('leek', "$this->folder/leek.json");
        self::assertEquals(CropFiles::load($this->folder)->get('leek')->title(), $title);
        touch("$this->folder/leek.json", time() + 60);
        self::assertNull((new ReadCrops($this->kept))->title('leek', "$this->folder/leek.json"));
    }

    public function test_what_lists_show_follows_the_keepers_own_figures_though_the_handbooks_are_kept(): void
    {
        (new ReadCrops($this->kept))->make($this->folder);
        $shown = function (string $variety): array {
            $own = new OwnFigures($this->folder, new ReadCrops($this->kept));
            $title = $own->titleOfVariety($own->reference(), 'leek', $variety);

            return [$title->minimum, $title->ordinaryYears];
        };
        [$minimum, $years] = $shown('early');
        DB::table('crop_figures')->insert(['crop' => 'leek', 'variety' => 'early', 'path' => 'germination.minimum', 'value' => 0.42]);
        self::assertSame([0.42, $years], $shown('early'), 'of that variety alone');
        self::assertSame([$minimum, $years], $shown('late'));
        DB::table('crop_figures')->insert(['crop' => 'leek', 'variety' => '', 'path' => 'storage.ordinary_years', 'value' => 7]);
        self::assertSame([$minimum, 7.0], $shown('late'), 'of the whole garden');
        self::assertSame([0.42, 7.0], $shown('early'));
    }

    public function test_what_is_kept_in_another_form_is_not_taken(): void
    {
        file_put_contents($this->kept, '<?php return '.var_export(['leek' => serialize('a leek')], true).';');
        self::assertNull((new ReadCrops($this->kept))->get('leek', "$this->folder/leek.json"));
        self::assertNull((new ReadCrops($this->kept))->title('leek', "$this->folder/leek.json"));
    }

    public function test_what_an_older_program_kept_is_not_taken(): void
    {
        (new ReadCrops($this->kept))->make($this->folder);
        touch("$this->folder/leek.json", 86_400);
        touch($this->kept, 2 * 86_400);
        self::assertNull((new ReadCrops($this->kept))->get('leek', "$this->folder/leek.json"), 'made before its classes were changed');
    }

    public function test_without_a_place_for_it_or_in_a_command_nothing_is_kept(): void
    {
        (new ReadCrops($this->kept))->make($this->folder);
        self::assertNull((new ReadCrops(''))->get('leek', "$this->folder/leek.json"));
        self::assertNull((new ReadCrops($this->kept, false))->get('leek', "$this->folder/leek.json"));
    }
}
