<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Deed;
use App\Voice\Speaking;

/** A season's plan has another version. */
final readonly class PlanChanged implements Deed
{
    /** @param  string  $said  what was done, as it was told */
    public function __construct(private int $year, private int $version, private string $said) {}

    public static function kind(): string
    {
        return 'plan_changed';
    }

    public static function of(array $kept): self
    {
        return new self(is_int($kept['year'] ?? null) ? $kept['year'] : 0, is_int($kept['version'] ?? null) ? $kept['version'] : 0, is_string($kept['said'] ?? null) ? $kept['said'] : '');
    }

    public function keep(): array
    {
        return ['year' => $this->year, 'version' => $this->version, 'said' => $this->said];
    }

    public function title(): string
    {
        return 'Planned';
    }

    public function says(): string
    {
        return $this->said;
    }

    public function about(): string
    {
        return 'The plan of '.Speaking::forms()->turn->called($this->year);
    }

    public function page(): string
    {
        return "/plot/plan/$this->year";
    }
}
