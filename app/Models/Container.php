<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What seed is kept in: a lot's own, which goes by the lot's id and has no name, or one that holds others.
 *
 * @property string $id
 * @property string $kind
 * @property string $name
 * @property string $note
 * @property int $gone  1 when it is no more
 * @property string|null $place_id  where it lies
 * @property string|null $inside  id of the container it lies in, instead of a place
 */
final class Container extends Thing implements Recorded
{
    protected $table = 'containers';

    public function code(): string
    {
        return $this->name;
    }
}
