<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 */
final class Garden extends Model
{
    protected $table = 'gardens';

    public $timestamps = false;

    protected $guarded = [];
}
