<?php

declare(strict_types=1);

namespace App\Reading;

use Marrow\Core\Botany\CropTitle;

/** A lot on the bench whose seed looks like that of another there. */
final readonly class Alike
{
    /** @param  string  $stage  how far its cleaning has come */
    public function __construct(public string $code, public string $name, public CropTitle $crop, public string $stage) {}
}
