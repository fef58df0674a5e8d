<?php

declare(strict_types=1);

namespace App\Dictation;

use App\Documents\CompletionDocument;
use App\Documents\LineDraftDocument;
use App\Documents\LineReadDocument;
use App\Journal\Draft;
use App\Journal\Moments;
use App\Journal\Subjects;
use App\Journal\WhichHolder;
use App\Models\Code;
use App\Models\Container;
use App\Models\Place;
use App\Models\Thing as Known;
use App\Presenting\Entries;
use App\Presenting\Shows;
use App\Voice\InUnits;
use App\Voice\Speaking;
use App\Voice\When;
use App\Words\EntryWords;
use Closure;
use DateTimeImmutable;
use Marrow\Core\Dictation\Clause;
use Marrow\Core\Dictation\Filling;
use Marrow\Core\Dictation\Likeness;
use Marrow\Core\Dictation\LineReader;
use Marrow\Core\Dictation\Named;
use Marrow\Core\Dictation\Thing;
use Marrow\Core\Dictation\Tokens;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Things\Registered;
use Ramsey\Uuid\Uuid;

/** A line, read into drafts as the one door takes them; nothing is kept. */
final readonly class ReadsLines
{
    /** Records in one line. */
    private const CLAUSES = 20;

    /** So much of what may follow stands below at once. */
    private const COMPLETIONS = 8;

    /**
     * @param  Subjects<SpokenOf>  $spoken
     * @param  Subjects<Shows>  $shown
     */
    public function __construct(private Subjects $spoken, private Subjects $shown, private Entries $entries, private Moments $moments, private CalledBy $called) {}

    /**
     * @param  string  $about  code of what is looked at, of which a line speaks that names nothing else; empty where nothing is
     * @param  Closure(FieldList, array<string, mixed>): array<array-key, mixed>  $inCoreUnits  what was typed, as the core reckons it
     */
    public function read(string $line, string $about, DateTimeImmutable $now, Closure $inCoreUnits): LineReadDocument
    {
        $names = $this->names();
        $drafts = $left = $doubts = $completions = [];
        $codes = $about === '' ? [] : [$about];
        foreach (array_slice(Tokens::clauses($line), 0, self::CLAUSES) as $text) {
            $clause = Clause::of($text, $now, Speaking::forms()->monthFirst());
            // What names nothing is of what was spoken of before.
            $named = $clause->codes === [] ? $this->called->of($clause) : null;
            $codes = match (true) {
                $clause->codes !== [] => $clause->codes,
                $named !== null => $named->codes,
                default => $codes,
            };
            $clause = $named === null ? $clause : $clause->naming($named->tokens);
            $completions = [];
            // A name alone is sought.
            if ($named !== null && ! $clause->saysMore()) {
                continue;
            }
            if ($named !== null && count($named->codes) > 1) {
                $doubts[] = sprintf('%s is %s: say which.', $named->name, implode(', ', $named->codes));

                continue;
            }
            if ($codes === [] && $clause->saysMore()) {
                $left[] = $text;
            }
            foreach ($codes as $code) {
                $thing = $this->thing($code, $clause, $now);
                if ($thing === null) {
                    $doubts[] = "There is no $code.";

                    continue;
                }
                $filling = $clause->saysMore() ? (new LineReader(Registered::kinds()))->read($clause, $thing, $names) : null;
                // Of what is only looked at nothing is offered to somebody who seeks something else.
                if ($completions === [] && ($filling !== null || $code !== $about || $clause->codes !== [])) {
                    $completions = self::completions($thing, $filling, $names);
                }
                if ($filling === null) {
                    if ($clause->saysMore()) {
                        $left[] = $text;
                    }

                    continue;
                }
                $drafts[] = $this->draft($thing, $filling, $clause, $now, $inCoreUnits);
                array_push($left, ...$filling->leftOver());
                array_push($doubts, ...self::slips($filling->leftOver(), $names));
            }
        }

        return new LineReadDocument($drafts, array_values(array_unique($left)), array_values(array_unique($doubts)), $completions);
    }

    private function thing(string $code, Clause $clause, DateTimeImmutable $now): ?Thing
    {
        [$subject, $number] = Code::read($code) ?? [null, 0];
        $known = $subject === null ? null : $this->shown->of($subject)->byNumber($number);
        if ($subject === null || ! $known instanceof Known) {
            return null;
        }
        $at = $clause->time->at($now);
        $before = $at === null ? null : new DateTimeImmutable(strlen($at) === 10 ? "$at 12:00" : $at, $now->getTimezone());

        return new Thing($subject, $known->id(), $code, $this->spoken->of($subject)->offersAt($known->id(), $before === null || $before >= $now ? null : $before, $now));
    }

    /**
     * A name is never taken for another: one that is a slip away is asked.
     *
     * @param  list<string>  $left
     * @return list<string>
     */
    private static function slips(array $left, Named $names): array
    {
        $said = mb_strtolower(implode(' ', $left));
        $meant = array_filter(array_map(strval(...), array_keys($names->places)), static fn (string $name): bool => Likeness::areSlips($said, mb_strtolower($name)));

        return array_values(array_map(static fn (string $name): string => "Is it $name that is meant? Write it so.", $meant));
    }

    private function names(): Named
    {
        $places = [];
        foreach ([Place::query()->where('gone', 0)->get(['id', 'name']), Container::query()->where('name', '!=', '')->where('gone', 0)->get(['id', 'name'])] as $all) {
            foreach ($all as $one) {
                $places[$one->name][] = $one->id;
            }
        }

        return new Named($places);
    }

    /** @param  Closure(FieldList, array<string, mixed>): array<array-key, mixed>  $inCoreUnits */
    private function draft(Thing $thing, Filling $filling, Clause $clause, DateTimeImmutable $now, Closure $inCoreUnits): LineDraftDocument
    {
        $kind = $filling->kind;
        $at = $clause->time->at($now) ?? Draft::at($now);
        $doubts = $faults = [];
        $figures = '';
        try {
            $this->moments->read($at);
            $given = WhichHolder::of($kind, $inCoreUnits($kind->fields, $filling->payload));
            $faults = $kind->fields->faults($given);
            if ($faults === []) {
                $payload = Registered::kinds()->read($kind->name, $given);
                $entry = new Entry('', '', $kind, $payload, $now);
                $figures = (new EntryWords($this->entries->names([$entry])))->figures($kind, $payload);
            }
        } catch (Refused $refused) {
            $faults = [$refused];
        }
        foreach ([...$faults, ...$filling->uneven()] as $fault) {
            $doubts[$fault->path] ??= InUnits::sentence($fault->getMessage());
        }
        $said = $clause->time->at($now) === null ? '' : ', '.self::moment($at, $now);

        $begins = $kind->from === $thing->subject;

        return new LineDraftDocument(
            $kind->name,
            ($begins ? $kind->of[0] : $thing->subject)->value,
            $begins ? Uuid::uuid7()->toString() : $thing->id,
            $thing->code,
            $at,
            (object) $filling->payload,
            sprintf('%s: %s%s%s', $thing->code, mb_strtolower($kind->title), $figures === '' ? '' : ", $figures", $said),
            array_values($doubts),
            $begins ? $thing->id : null,
        );
    }

    private static function moment(string $at, DateTimeImmutable $now): string
    {
        $moment = new DateTimeImmutable($at, $now->getTimezone());

        return strlen($at) === 10 ? (new When($now))->day($moment) : (new When($now))->minute($moment);
    }

    /** @return list<CompletionDocument> */
    private static function completions(Thing $thing, ?Filling $filling, Named $names): array
    {
        if ($filling === null) {
            $acts = [];
            foreach ($thing->offers as $offer) {
                $acts[] = new CompletionDocument(mb_strtolower($offer->kind->title), $offer->act ?? $offer->kind->act);
            }

            return array_slice($acts, 0, self::COMPLETIONS);
        }
        $follows = [];
        foreach ($filling->fields as $field) {
            if ($field->hidden || array_key_exists($field->key, $filling->payload)) {
                continue;
            }
            array_push($follows, ...self::ofField($field, $names));
        }

        return array_slice($follows, 0, self::COMPLETIONS);
    }

    /** @return list<CompletionDocument> what may be told for a field */
    private static function ofField(Field $field, Named $names): array
    {
        if ($field->options !== []) {
            return array_values(array_map(static fn (string $label): CompletionDocument => new CompletionDocument(mb_strtolower((string) preg_replace('/[,:(].*/', '', $label)), "$field->label: $label"), $field->options));
        }
        if ($field->of === 'place') {
            return array_map(static fn (int|string $name): CompletionDocument => new CompletionDocument("to $name", "$field->label: $name"), array_keys($names->places));
        }
        $unit = Speaking::forms()->units->unit($field->unit);

        return [new CompletionDocument(mb_strtolower($field->label).' ', trim($field->label.($unit === '' || $unit === 'share' ? '' : ", $unit")))];
    }
}
