<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $year
 * @property int $number
 * @property int|null $parent
 * @property string $document
 * @property string $said
 * @property string $saved_at
 */
final class PlanVersion extends Record
{
    protected $table = 'plan_versions';

    public $incrementing = false;

    /** A version is told apart by its year and number together; it is read and added, never changed. */
    protected $primaryKey = 'number';
}
