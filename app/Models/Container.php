<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $id
 * @property string $kind
 */
final class Container extends Thing
{
    protected $table = 'containers';
}
