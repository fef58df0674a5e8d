<?php

declare(strict_types=1);

namespace App\Intake;

use Marrow\Core\Botany\VarietyType;

/** A list of packets as it was sent: its lines, what its headings say of them, and what the keeper said of all of it. */
final readonly class Sheet
{
    /**
     * @param  list<array{id: string, cells: array<string, string>}>  $lines
     * @param  array<string, string>  $units  that headings give to bare numbers, by column
     * @param  VarietyType  $unmarked  what a variety is taken to be that has a name and of which nothing more is said
     * @param  array<string, array{temperature: ?float, rh: ?float}>  $airs  of places that are new, by plain name
     */
    public function __construct(public array $lines, public array $units = [], public VarietyType $unmarked = VarietyType::Unknown, public array $airs = []) {}

    /** The same list has the same. */
    public function digest(): string
    {
        return hash('sha256', json_encode([$this->lines, $this->units, $this->unmarked, $this->airs], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
    }
}
