<?php

declare(strict_types=1);

namespace App\Steps\Journal;

use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoice;
use Marrow\Core\Folding\Settle;

final class SettleVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            Settle::Settle->value => new Speech('settle the journal', static fn (SeenTask $t): Saying => $t->whole('entries') === 1
                ? new Saying('Settle an entry that does not fit', 'It is kept in the journal, but nothing is reckoned from it until it fits: record what is missing, or strike or correct what is wrong.')
                : new Saying(sprintf('Settle %d entries that do not fit', $t->whole('entries')), 'They are kept in the journal, but nothing is reckoned from them until they fit: record what is missing, or strike or correct what is wrong.')),
        ];
    }
}
