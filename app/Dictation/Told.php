<?php

declare(strict_types=1);

namespace App\Dictation;

use App\Documents\CompletionDocument;
use App\Documents\LineDraftDocument;
use Closure;
use DateTimeImmutable;
use Marrow\Core\Fields\FieldList;

/** What a line has told as far as it was read. */
final class Told
{
    /** @var list<LineDraftDocument> */
    public array $drafts = [];

    /** @var list<LineDraftDocument> what was not all understood, as notes */
    public array $notes = [];

    /** @var list<string> words that were not understood */
    public array $left = [];

    /** @var list<string> */
    public array $doubts = [];

    /** @var list<CompletionDocument> what may follow */
    public array $completions = [];

    /** @var list<string> codes of what was spoken of last */
    public array $spoken = [];

    /** @param  Closure(FieldList, array<string, mixed>): array<array-key, mixed>  $inCoreUnits  what was typed, as the core reckons it */
    public function __construct(public readonly DateTimeImmutable $now, public readonly Closure $inCoreUnits) {}
}
