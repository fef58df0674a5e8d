<?php

declare(strict_types=1);

namespace App\Rota;

use App\Models\Deed;

/** Something else is wanted of the rota, or it was agreed on. */
final readonly class RotaChanged implements Deed
{
    /** @param  string  $said  what was done, as it was told */
    public function __construct(private string $said) {}

    public static function kind(): string
    {
        return 'rota_changed';
    }

    public static function of(array $kept): self
    {
        return new self(is_string($kept['said'] ?? null) ? $kept['said'] : '');
    }

    public function keep(): array
    {
        return ['said' => $this->said];
    }

    public function title(): string
    {
        return 'Rota';
    }

    public function says(): string
    {
        return $this->said;
    }

    public function about(): string
    {
        return 'The rota';
    }

    public function page(): string
    {
        return '/plot/rota';
    }
}
