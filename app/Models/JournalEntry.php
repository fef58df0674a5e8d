<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $seq
 * @property string $id
 * @property string $ord
 * @property string $subject
 * @property string $subject_id
 * @property string $kind
 * @property string $payload
 * @property string $happened_at
 * @property string $given_at
 * @property string $recorded_at
 * @property string $recorded_by
 * @property string|null $keeper_id
 * @property string|null $replaces
 * @property string|null $act  of those that came in as one
 */
final class JournalEntry extends Record
{
    protected $table = 'journal_entries';

    protected $primaryKey = 'seq';
}
