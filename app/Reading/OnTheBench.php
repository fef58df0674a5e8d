<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Code;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Work\Place;

/** What else stands on the bench, as far as seed there can be mixed up. */
final readonly class OnTheBench
{
    public function __construct(private CropReference $crops) {}

    /**
     * Lots whose seed could not be told from that of another, once both are open.
     *
     * @param  string  $code  of the one
     * @return list<Alike>
     */
    public function alike(Crop $crop, string $code): array
    {
        $alike = [];
        foreach (DB::table('lot_standings')->join('varieties', 'varieties.id', '=', 'lot_standings.variety_id')->where('lot_standings.place', Place::Bench->value)->where('lot_standings.used_up', 0)->orderBy('lot_standings.number')->get(['lot_standings.number', 'lot_standings.stage', 'varieties.name', 'varieties.crop']) as $row) {
            /** @var object{number: int, stage: string, name: string, crop: string} $row */
            $other = Code::of(Subject::Lot, $row->number);
            $title = $other === $code || ! $this->crops->has($row->crop) ? null : $this->crops->title($row->crop);
            if ($title?->look !== null && $crop->look?->isLike($title->look) === true) {
                $alike[] = new Alike($other, $row->name, $title, $row->stage);
            }
        }

        return $alike;
    }
}
