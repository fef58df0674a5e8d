<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use Marrow\Core\Botany\VarietyType;

/**
 * @property string $id
 * @property string $crop
 * @property string $name
 * @property VarietyType $type
 * @property string $generation
 * @property string $note
 */
final class Variety extends Thing
{
    protected $table = 'varieties';

    /** @var array<string, string> */
    protected $casts = ['type' => VarietyType::class];

    /** @return HasMany<Planting, $this> */
    public function plantings(): HasMany
    {
        return $this->hasMany(Planting::class);
    }
}
