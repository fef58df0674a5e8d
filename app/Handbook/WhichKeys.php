<?php

declare(strict_types=1);

namespace App\Handbook;

use Marrow\Core\Botany\WhichKey;

/** The questions that tell look-alikes apart, as they ship. */
final readonly class WhichKeys
{
    /** @return list<WhichKey> */
    public function all(): array
    {
        $data = CropFiles::decode((string) file_get_contents(base_path('core/data/which.json')), 'which.json');

        return array_values(array_map(static fn (mixed $one): WhichKey => WhichKey::read(is_array($one) ? $one : []), $data));
    }
}
