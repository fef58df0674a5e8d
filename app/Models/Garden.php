<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $id
 * @property string $name
 */
final class Garden extends Record
{
    protected $table = 'gardens';
}
