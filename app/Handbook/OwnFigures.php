<?php

declare(strict_types=1);

namespace App\Handbook;

use App\Models\NoGarden;
use App\Models\Variety;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropFigureList;
use Marrow\Core\Botany\CropFile;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\CropTitle;

/** The handbook as this garden has it: the crops that ship with it, the keeper's own, and figures the keeper knows better. */
final class OwnFigures
{
    /** @var array<string, array<string, array<string, float>>>|null crop => variety ('' for all) => path => value */
    private ?array $figures = null;

    /** @var array<string, string>|null documents of the crops that the keeper added, by key */
    private ?array $added = null;

    /** @var array<string, Crop> of varieties that have figures of their own, by id */
    private array $ofVarieties = [];

    public function __construct(private readonly string $folder, private readonly ReadCrops $read) {}

    public function reference(): CropReference
    {
        return CropReference::lazily(
            [...$this->read->keys($this->folder) ?? CropFiles::keys($this->folder), ...array_keys($this->added())],
            $this->crop(...),
            fn (string $key): ?CropTitle => $this->isAsShipped($key) ? $this->read->title($key, $this->folder."/$key.json") : null,
            fn (string $key): ?string => $this->isAsShipped($key) ? $this->read->words($key, $this->folder."/$key.json") : null,
        );
    }

    /** The crop as lists show it, for one variety. */
    public function titleOfVariety(CropReference $crops, string $crop, string $variety): CropTitle
    {
        return $this->of($crop, $variety) === [] ? $crops->title($crop) : $this->ofVariety($crops, $crop, $variety)->title();
    }

    /** The crop as it is for one variety. */
    public function ofVariety(CropReference $crops, string $crop, string $variety): Crop
    {
        $own = $this->figures()[$crop][$variety] ?? [];
        if ($own === [] || $variety === '') {
            return $crops->get($crop);
        }

        return $this->ofVarieties[$variety] ??= CropFile::read($crop, $this->content($crop, $variety));
    }

    /**
     * The content of a crop's file with the keeper's figures in it: what is exported.
     *
     * @return array<array-key, mixed>
     */
    public function content(string $crop, string $variety = ''): array
    {
        $data = $this->with($this->original($crop), $this->figures()[$crop][''] ?? []);

        return $variety === '' ? $data : $this->with($data, $this->figures()[$crop][$variety] ?? []);
    }

    /** @return array<array-key, mixed> as it ships, or as the keeper added it */
    public function original(string $crop): array
    {
        $added = $this->added()[$crop] ?? null;

        return match (true) {
            $added !== null => CropFiles::decode($added, $crop),
            $this->isOwn($crop) => [],
            default => CropFiles::read($this->folder, $crop),
        };
    }

    /** @return array<string, float> by path */
    public function of(string $crop, string $variety): array
    {
        return $this->figures()[$crop][$variety] ?? [];
    }

    /** @return list<string> ids of the varieties of a crop that have figures of their own */
    public function varietiesOf(string $crop): array
    {
        return array_values(array_filter(array_map(strval(...), array_keys($this->figures()[$crop] ?? []))));
    }

    public function isOwn(string $crop): bool
    {
        return ! is_file($this->folder."/$crop.json");
    }

    public function forget(): void
    {
        $this->figures = $this->added = null;
        $this->ofVarieties = [];
    }

    private function isAsShipped(string $key): bool
    {
        return ! isset($this->added()[$key]) && $this->of($key, '') === [];
    }

    private function crop(string $key): Crop
    {
        $own = $this->figures()[$key][''] ?? [];

        return ($own === [] ? $this->read->get($key, $this->folder."/$key.json") : null) ?? CropFile::read($key, $this->content($key));
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  array<string, float>  $figures
     * @return array<array-key, mixed>
     */
    private function with(array $data, array $figures): array
    {
        foreach ($figures as $path => $value) {
            $data = CropFigureList::put($data, $path, floor($value) === $value && abs($value) < 1e12 ? (int) $value : $value);
        }

        return $data;
    }

    /** @return array<string, string> */
    private function added(): array
    {
        if ($this->added === null) {
            /** @var array<string, string> $added */
            $added = array_column($this->rows('SELECT crop, document FROM own_crops'), 'document', 'crop');
            $this->added = $added;
        }

        return $this->added;
    }

    /** @return array<string, array<string, array<string, float>>> */
    private function figures(): array
    {
        if ($this->figures === null) {
            $this->figures = [];
            foreach ($this->rows('SELECT crop, variety, path, value FROM crop_figures') as $row) {
                /** @var object{crop: string, variety: string, path: string, value: float} $row */
                $this->figures[$row->crop][$row->variety][$row->path] = $row->value;
            }
        }

        return $this->figures;
    }

    /** @return array<array-key, mixed> */
    private function rows(string $query): array
    {
        try {
            return DB::select($query);
        } catch (QueryException $e) {
            return NoGarden::explains($e) ? [] : throw $e;
        }
    }
}
