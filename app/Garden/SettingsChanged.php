<?php

declare(strict_types=1);

namespace App\Garden;

/** Something that lots are reckoned with has been set otherwise. */
final readonly class SettingsChanged
{
    public function __construct(public string $key) {}
}
