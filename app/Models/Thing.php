<?php

declare(strict_types=1);

namespace App\Models;

/** Something with an id made by whoever records it. */
abstract class Thing extends Record
{
    public $incrementing = false;

    protected $keyType = 'string';

    public function id(): string
    {
        $id = $this->getAttribute('id');

        return is_string($id) ? $id : '';
    }
}
