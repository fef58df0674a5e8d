<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $year
 * @property int $number
 * @property int|null $parent
 * @property string $document
 * @property string $said
 * @property string $saved_at
 */
final class PlanVersion extends Model
{
    protected $table = 'plan_versions';

    public $timestamps = false;

    public $incrementing = false;

    /** A version is told apart by its year and number together; it is read and added, never changed. */
    protected $primaryKey = 'number';

    protected $guarded = [];
}
