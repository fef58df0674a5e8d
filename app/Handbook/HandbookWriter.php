<?php

declare(strict_types=1);

namespace App\Handbook;

use App\Models\Planting;
use App\Plans\PlansAfresh;
use App\Projection\Projector;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Botany\CropFigureList;
use Marrow\Core\Botany\CropFile;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\UnsoundCrop;
use Marrow\Core\Reckoning\Registry;

/** Changes the handbook of this garden; what was reckoned with the old figures is reckoned afresh. */
final readonly class HandbookWriter
{
    public function __construct(private OwnFigures $own) {}

    /**
     * Puts the keeper's own figure in place of the handbook's, or takes it away again.
     *
     * @param  string  $variety  id, or '' for the whole crop
     * @param  ?float  $value  null brings the handbook's figure back
     *
     * @throws ValidationException when the crop could not be so
     */
    public function put(string $crop, string $variety, string $path, ?float $value): void
    {
        DB::transaction(function () use ($crop, $variety, $path, $value): void {
            DB::table('crop_figures')->where(['crop' => $crop, 'variety' => $variety, 'path' => $path])->delete();
            if ($value !== null) {
                DB::table('crop_figures')->insert(['crop' => $crop, 'variety' => $variety, 'path' => $path, 'value' => $value]);
            }
            $this->own->forget();
            try {
                CropFile::read($crop, $this->own->content($crop, $variety));
            } catch (UnsoundCrop $unsound) {
                $this->own->forget();
                throw ValidationException::withMessages(['value' => self::inWords($unsound, $crop)]);
            }
            $this->reckonAfresh($crop);
        });
    }

    /**
     * A crop that the handbook lacks, made like one that it has.
     *
     * @return string its key
     *
     * @throws ValidationException
     */
    public function add(string $name, string $latin, string $family, string $like): string
    {
        $key = Str::slug($name);
        if ($key === '' || $this->own->original($key) !== []) {
            throw ValidationException::withMessages(['name' => 'There is a crop of that name already.']);
        }
        $document = [
            ...$this->own->original($like),
            'name' => $name,
            'other_names' => [],
            'latin' => $latin,
            'family' => $family,
            'crossing' => ['partners' => [], 'strangers' => []],
        ];
        unset($document['group']);
        $document['sources'] = ['everything' => "copied from $like by the keeper, to be changed to what is so"];
        try {
            CropFile::read($key, $document);
        } catch (UnsoundCrop $unsound) {
            throw ValidationException::withMessages(['like' => self::inWords($unsound, $key)]);
        }
        DB::table('own_crops')->insert(['crop' => $key, 'document' => json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);
        $this->renew();

        return $key;
    }

    private function reckonAfresh(string $crop): void
    {
        $this->renew();
        $projector = app(Projector::class);
        Planting::query()->with('variety')->whereHas('variety', static fn ($variety) => $variety->where('crop', $crop))
            ->each(static fn (Planting $planting) => $projector->plantingWithLots($planting));
        app(PlansAfresh::class)->all();
    }

    private function renew(): void
    {
        $this->own->forget();
        app()->forgetInstance(CropReference::class);
        app()->forgetInstance(Registry::class);
    }

    /** The core's message by the figure's own name: "Crop leek, isolation.grower: …" means little to anybody. */
    private static function inWords(UnsoundCrop $unsound, string $crop): string
    {
        $message = $unsound->getMessage();
        foreach (CropFigureList::all() as $path => [$label]) {
            $message = str_replace("Crop $crop, $path:", mb_strtoupper(mb_substr($label, 0, 1)).mb_substr($label, 1).':', $message);
        }

        return $message;
    }
}
