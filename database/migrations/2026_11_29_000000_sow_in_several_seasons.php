<?php

use App\Handbook\CropFiles;
use App\Handbook\OldCrops;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * A crop may be sown in several seasons, each with its own bloom: the crops and figures of the keeper follow.
 */
return new class extends Migration {
    public function up(): void
    {
        $shipped = base_path('core/data/crops');
        $added = [];
        foreach (DB::table('own_crops')->get() as $row) {
            $document = OldCrops::upTo(CropFiles::decode($row->document, $row->crop));
            $added[$row->crop] = $document;
            DB::table('own_crops')->where('crop', $row->crop)->update(['document' => json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);
        }
        foreach (DB::table('crop_figures')->where('path', 'like', 'growing.sowing_to_bloom.%')->distinct()->get(['crop', 'variety']) as $of) {
            $whose = DB::table('crop_figures')->where(['crop' => $of->crop, 'variety' => $of->variety]);
            $figures = array_map(floatval(...), $whose->clone()->pluck('value', 'path')->all());
            $document = $added[$of->crop] ?? (is_file("$shipped/$of->crop.json") ? CropFiles::read($shipped, $of->crop) : null);
            $now = $document === null ? $figures : OldCrops::figures($figures, $document);
            $whose->clone()->where('path', 'like', 'growing.sowing_to_bloom.%')->delete();
            foreach (array_diff_key($now, $figures) as $path => $value) {
                DB::table('crop_figures')->insert(['crop' => $of->crop, 'variety' => $of->variety, 'path' => $path, 'value' => $value]);
            }
        }
    }
};
