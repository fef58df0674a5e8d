<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\Container;
use Marrow\Core\Journal\Kind;

/** A place or a container: which of the two it was that was chosen. */
final class WhichHolder
{
    /**
     * Where something was put is one question, whether it is a place or a container that was chosen.
     *
     * @param  array<array-key, mixed>  $given
     * @return array<array-key, mixed>
     */
    public static function of(Kind $kind, array $given): array
    {
        $where = $given['place_id'] ?? null;
        if (! isset($kind->fields->fields['place_id'], $kind->fields->fields['inside']) || ! is_string($where)) {
            return $given;
        }

        return Container::query()->where('id', mb_strtolower(trim($where)))->where('name', '!=', '')->exists() ? [...$given, 'place_id' => null, 'inside' => mb_strtolower(trim($where))] : $given;
    }
}
