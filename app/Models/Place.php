<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $id
 * @property string $name
 * @property float $temperature_c
 * @property float $rh
 */
final class Place extends Thing
{
    protected $table = 'places';
}
