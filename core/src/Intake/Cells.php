<?php

declare(strict_types=1);

namespace Marrow\Core\Intake;

use Marrow\Core\Fields\Reading;

/** The cells of one line while it is read: what was written, what is doubtful of it, and what goes into the note. */
final class Cells
{
    /** Letters; the longest note. */
    private const NOTE = 2000;

    /** @var list<CellDoubt> */
    private array $doubts = [];

    /** @var list<string> */
    private array $remarks = [];

    /** @param  array<string, string>  $written  by column */
    public function __construct(private readonly array $written) {}

    /** What was written, without what is not seen. */
    public function text(Column $column): string
    {
        return trim(Reading::cleaned($this->written[$column->value] ?? ''));
    }

    /** @param  list<string>  $instead */
    public function doubt(Column $column, string $message, bool $stops = false, array $instead = []): void
    {
        $this->doubts[] = new CellDoubt($column, $message, $stops, $instead);
    }

    /** What was written there is kept, though nothing could be made of it. */
    public function remark(Column $column, string $text): void
    {
        if ($text !== '') {
            $this->remarks[] = $column === Column::Note ? $text : $column->label().': '.$text;
        }
    }

    /** @return list<CellDoubt> */
    public function doubts(): array
    {
        return $this->doubts;
    }

    public function note(): string
    {
        return mb_substr(implode("\n", array_reverse($this->remarks)), 0, self::NOTE);
    }
}
