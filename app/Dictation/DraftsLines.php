<?php

declare(strict_types=1);

namespace App\Dictation;

use App\Documents\BeginsDocument;
use App\Documents\LineDraftDocument;
use App\Journal\Draft;
use App\Journal\Moments;
use App\Journal\WhichHolder;
use App\Models\Variety;
use App\Presenting\Entries;
use App\Voice\InUnits;
use App\Voice\When;
use App\Words\EntryWords;
use Closure;
use DateTimeImmutable;
use Marrow\Core\Dictation\Beginning;
use Marrow\Core\Dictation\Clause;
use Marrow\Core\Dictation\Filling;
use Marrow\Core\Dictation\Thing;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Things\Registered;
use Ramsey\Uuid\Uuid;

/** What a line was understood to say, as the one door takes it and as the journal will say it. */
final readonly class DraftsLines
{
    public function __construct(private Entries $entries, private Moments $moments) {}

    /** @param  Closure(FieldList, array<string, mixed>): array<array-key, mixed>  $inCoreUnits */
    public function of(Thing $thing, Filling $filling, Clause $clause, DateTimeImmutable $now, Closure $inCoreUnits): LineDraftDocument
    {
        $begins = $filling->kind->from === $thing->subject;

        return $this->draft(
            $filling, $clause, $now, $inCoreUnits,
            $begins ? Uuid::uuid7()->toString() : $thing->id,
            ($begins ? $filling->kind->of[0] : $thing->subject)->value,
            $thing->code, $thing->code,
            match (true) {
                ! $begins => null,
                $thing->subject === Subject::Lot => new BeginsDocument(lot: $thing->id),
                default => new BeginsDocument(planting: $thing->id),
            },
            // What it is set apart from is that of which is spoken.
            $begins && $thing->subject === Subject::Lot ? ['lot' => $thing->id] : [],
        );
    }

    /** @param  Closure(FieldList, array<string, mixed>): array<array-key, mixed>  $inCoreUnits */
    public function beginning(Variety $variety, Beginning $beginning, Clause $clause, DateTimeImmutable $now, Closure $inCoreUnits): LineDraftDocument
    {
        return $this->draft(
            $beginning->filling, $clause, $now, $inCoreUnits,
            Uuid::uuid7()->toString(), $beginning->filling->kind->of[0]->value, '', $variety->name,
            new BeginsDocument(variety: $variety->id, spot: $beginning->spot),
        );
    }

    /**
     * @param  Closure(FieldList, array<string, mixed>): array<array-key, mixed>  $inCoreUnits
     * @param  array<string, string>  $known  what nobody has to say, by field
     */
    private function draft(Filling $filling, Clause $clause, DateTimeImmutable $now, Closure $inCoreUnits, string $about, string $subject, string $code, string $name, ?BeginsDocument $begins, array $known = []): LineDraftDocument
    {
        $kind = $filling->kind;
        $payload = [...$filling->payload, ...$known];
        $at = $clause->time->at($now) ?? Draft::at($now);
        $doubts = $faults = [];
        $figures = '';
        try {
            $this->moments->read($at);
            $given = WhichHolder::of($kind, $inCoreUnits($kind->fields, $payload));
            $faults = $kind->fields->faults($given);
            if ($faults === []) {
                $read = Registered::kinds()->read($kind->name, $given);
                $entry = new Entry('', '', $kind, $read, $now);
                $figures = (new EntryWords($this->entries->names([$entry])))->figures($kind, $read);
            }
        } catch (Refused $refused) {
            $faults = [$refused];
        }
        foreach ([...$faults, ...$filling->uneven()] as $fault) {
            $doubts[$fault->path] ??= InUnits::sentence($fault->getMessage());
        }
        $spot = $begins === null ? '' : $begins->spot;
        $said = [mb_strtolower($kind->title), $figures, $spot, $clause->time->at($now) === null ? '' : self::moment($at, $now)];

        return new LineDraftDocument($kind->name, $subject, $about, $code, $at, (object) $payload, "$name: ".implode(', ', array_filter($said, static fn (string $part): bool => $part !== '')), array_values($doubts), self::which($filling), $begins);
    }

    /** What nobody is asked because it is known, as which of its tests is counted. */
    private static function which(Filling $filling): string
    {
        foreach ($filling->fields as $field) {
            if ($field->hidden && is_string($field->usual)) {
                return $field->usual;
            }
        }

        return '';
    }

    private static function moment(string $at, DateTimeImmutable $now): string
    {
        $moment = new DateTimeImmutable($at, $now->getTimezone());

        return strlen($at) === 10 ? (new When($now))->day($moment) : (new When($now))->minute($moment);
    }
}
