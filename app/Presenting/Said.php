<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Http\Documents\SavedDocument;
use App\Journal\Draft;
use App\Words\EntryWords;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Fields;

/** What was kept, said back in the words it was understood in. */
final class Said
{
    public static function of(Draft $draft, string $code): SavedDocument
    {
        $payload = $draft->kind->payload()::read(new Fields($draft->payload));
        $figures = EntryWords::figures(new Entry($draft->id, 0, $draft->kind, $payload, $draft->happenedAt));

        return new SavedDocument(
            $draft->id,
            $code,
            $code.': '.mb_strtolower(EntryWords::title($draft->kind)).($figures === '' ? '' : ', '.$figures),
        );
    }
}
