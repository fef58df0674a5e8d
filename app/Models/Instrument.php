<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Marrow\Core\Instruments\InstrumentKind;

/**
 * Something that measures.
 *
 * @property string $id
 * @property string $name
 * @property string $kind  InstrumentKind
 * @property string|null $place_id  whose air it tells
 * @property string|null $hung_at  when it came there from elsewhere; null of one that never hung anywhere else
 * @property string $address  how it is reached; empty of one that sends what it has, or whose lists are read in
 * @property float|null $errs  in its own unit; null where nobody knows
 * @property int $gone
 * @property string|null $heard_at  when it last told something that could be used
 * @property string|null $asked_at
 * @property string $trouble  what ailed it when it was asked last; empty of nothing
 */
final class Instrument extends Thing
{
    protected $table = 'instruments';

    public function sort(): InstrumentKind
    {
        return InstrumentKind::from($this->kind);
    }

    /** @return Builder<self> */
    public static function inUse(): Builder
    {
        return self::query()->where('gone', 0)->orderBy('name');
    }
}
