<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $id
 * @property string $name
 * @property float $temperature_c
 * @property float $rh
 * @property int $gone  1 when seed is no more kept there
 * @property int $air_known  0 where nobody measured its air: temperature and humidity are then a room's
 */
final class Place extends Thing implements Recorded
{
    protected $table = 'places';

    public function code(): string
    {
        return $this->name;
    }
}
