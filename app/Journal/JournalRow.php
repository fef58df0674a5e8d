<?php

declare(strict_types=1);

namespace App\Journal;

use App\Moment;
use DateTimeImmutable;
use Marrow\Core\Journal\Subject;

/** An entry as a row of the journal. */
final class JournalRow
{
    /**
     * @param  string  $order  what decides between entries of one moment
     * @param  array<string, mixed>  $payload
     * @param  array<string, mixed>  $more  columns that are not always filled
     * @return array<string, mixed>
     */
    public static function of(string $id, string $order, Subject|string $subject, string $subjectId, string $kind, array $payload, DateTimeImmutable $at, DateTimeImmutable $now, array $more = []): array
    {
        return [
            'id' => $id,
            'ord' => $order,
            'subject' => $subject instanceof Subject ? $subject->value : $subject,
            'subject_id' => $subjectId,
            'kind' => $kind,
            'payload' => json_encode($payload, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION),
            'happened_at' => Moment::keep($at),
            'recorded_at' => Moment::keep($now),
            ...$more,
        ];
    }
}
