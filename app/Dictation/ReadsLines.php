<?php

declare(strict_types=1);

namespace App\Dictation;

use App\Documents\LineReadDocument;
use App\Journal\Subjects;
use App\Models\Code;
use App\Models\Lot;
use App\Models\Recorded;
use App\Models\Variety;
use App\Presenting\Shows;
use App\Voice\Speaking;
use Closure;
use DateTimeImmutable;
use Marrow\Core\Dictation\Beginning;
use Marrow\Core\Dictation\Clause;
use Marrow\Core\Dictation\LineReader;
use Marrow\Core\Dictation\Named;
use Marrow\Core\Dictation\Thing;
use Marrow\Core\Dictation\Tokens;
use Marrow\Core\Dictation\TokenSort;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Things\Registered;

/** A line, read into drafts as the one door takes them; nothing is kept. */
final readonly class ReadsLines
{
    /** Records in one line. */
    private const CLAUSES = 20;

    /**
     * @param  Subjects<SpokenOf>  $spoken
     * @param  Subjects<Shows>  $shown
     */
    public function __construct(private Subjects $spoken, private Subjects $shown, private CalledBy $called, private DraftsLines $drafts) {}

    /**
     * @param  string  $about  code of what is looked at, of which a line speaks that names nothing else; empty where nothing is
     * @param  Closure(FieldList, array<string, mixed>): array<array-key, mixed>  $inCoreUnits  what was typed, as the core reckons it
     */
    public function read(string $line, string $about, DateTimeImmutable $now, Closure $inCoreUnits): LineReadDocument
    {
        $holders = new Holders;
        $clauses = array_slice(Tokens::clauses($line), 0, self::CLAUSES);
        $told = new Told($now, $inCoreUnits);
        $told->spoken = $about === '' ? [] : [$about];
        foreach ($clauses as $text) {
            $clause = Clause::of($text, $now, Speaking::forms()->monthFirst());
            $names = $holders->named($this->sources($clause));
            $called = $clause->codes === [] ? $this->called->of($clause) : null;
            $told->completions = [];
            if (! $this->hasBegun($told, $clause, $called, $names)) {
                $this->clause($told, $clause, $called, $holders, $names, $about);
            }
        }

        return new LineReadDocument($told->drafts, array_values(array_unique($told->left)), array_values(array_unique($told->doubts)), $told->completions, count($clauses) === 1 ? $told->notes : []);
    }

    /** Something begins with it; what stands after it in the line says of what it speaks. */
    private function hasBegun(Told $told, Clause $clause, ?Called $called, Named $names): bool
    {
        $begins = $this->begins($clause, $called, $names, $told->now);
        if ($begins === null) {
            return false;
        }
        if ($called !== null && count($called->varieties) > 1) {
            $told->doubts[] = "More than one variety is called $called->name: begin it in its form.";

            return true;
        }
        $told->drafts[] = $this->drafts->beginning($begins->variety, $begins->how, $begins->clause, $told->now, $told->inCoreUnits);
        array_push($told->left, ...$begins->how->filling->leftOver());
        $told->spoken = [];

        return true;
    }

    /** Something was done with what stands. */
    private function clause(Told $told, Clause $clause, ?Called $called, Holders $holders, Named $names, string $about): void
    {
        if ($clause->codes === [] && ($called === null || $called->codes === [])) {
            $called = $holders->spokenOf($clause);
            $clause = $called === null && $told->spoken === [] ? $clause->ofSource() : $clause;
        }
        // What names nothing is of what was spoken of before.
        $told->spoken = match (true) {
            $clause->codes !== [] => $clause->codes,
            $called !== null => $called->codes,
            default => $told->spoken,
        };
        $clause = $called === null ? $clause : $clause->naming($called->tokens);
        // A name alone is sought.
        if ($called !== null && ! $clause->saysMore()) {
            return;
        }
        if ($called !== null && count($called->codes) > 1) {
            $told->doubts[] = sprintf('%s is %s: say which.', $called->name, $called->isHolder() ? 'the name of more than one' : implode(', ', $called->codes));

            return;
        }
        if ($told->spoken === [] && $clause->saysMore()) {
            $told->left[] = $clause->text;
            array_push($told->doubts, ...$this->called->slips($clause));
        }
        $isNamed = $clause->codes !== [] || $called !== null;
        foreach ($told->spoken as $code) {
            $thing = $this->thing($code, $clause, $told->now, $holders);
            if ($thing === null) {
                $told->doubts[] = "There is no $code.";
            } else {
                $this->ofThing($told, $clause, $thing, $names, $isNamed, $code === $about);
            }
        }
    }

    /**
     * @param  bool  $isNamed  whether it is named in the line; of what is only looked at nothing is offered to somebody who seeks something else
     */
    private function ofThing(Told $told, Clause $clause, Thing $thing, Named $names, bool $isNamed, bool $isLookedAt): void
    {
        $reader = new LineReader(Registered::kinds());
        $filling = $clause->saysMore() ? $reader->read($clause, $thing, $names) : null;
        if ($told->completions === [] && ($filling !== null || ! $isLookedAt || $clause->codes !== [])) {
            $told->completions = Completions::after($thing, $filling, $names);
        }
        if (! $clause->saysMore()) {
            return;
        }
        $note = $isNamed && ($filling === null || $filling->leftOver() !== []) ? $reader->note($clause, $thing) : null;
        if ($note !== null) {
            $told->notes[] = $this->drafts->of($thing, $note, $clause, $told->now, $told->inCoreUnits);
        }
        if ($filling === null) {
            $told->left[] = $clause->text;

            return;
        }
        $told->drafts[] = $this->drafts->of($thing, $filling, $clause, $told->now, $told->inCoreUnits);
        array_push($told->left, ...$filling->leftOver());
        array_push($told->doubts, ...Slips::in($filling, $names));
    }

    /** What the clause begins, where it says that better than what was done with something that stands. */
    private function begins(Clause $clause, ?Called $called, Named $names, DateTimeImmutable $now): ?Begun
    {
        $code = ($called === null ? $clause->codes : $called->codes)[0] ?? null;
        $known = count($clause->codes) === 1 ? $this->known($clause->codes[0]) : null;
        $begins = match (true) {
            $called !== null => self::begun($called->varieties[0], $clause->naming($called->tokens), $names),
            // "sown 12 of L2"
            $known instanceof Lot => self::begun($known->variety, $clause->source(), new Named($names->places, [$clause->codes[0] => $known->id, ...$names->things]), Subject::Lot),
            default => null,
        };
        if ($begins === null || $code === null) {
            return $begins;
        }
        $thing = $this->thing($code, $clause, $now, null);
        $read = $thing === null ? null : (new LineReader(Registered::kinds()))->read($called === null ? $clause : $clause->naming($called->tokens), $thing, $names);

        if ($read === null || $begins->how->filling->isWhole() !== $read->isWhole()) {
            return $read === null || $begins->how->filling->isWhole() ? $begins : null;
        }

        return $begins->how->filling->score() > $read->score() ? $begins : null;
    }

    private static function begun(Variety $variety, Clause $clause, Named $names, ?Subject $from = null): ?Begun
    {
        $how = Beginning::in($clause, Registered::kinds(), $names);

        return $how === null || ($from !== null && ! Beginning::isFrom($how->filling->kind, $from)) ? null : new Begun($variety, $how, $clause);
    }

    private function known(string $code): ?Recorded
    {
        [$subject, $number] = Code::read($code) ?? [null, 0];

        return $subject === null ? null : $this->shown->of($subject)->byNumber($number);
    }

    /** @param  ?Holders  $holders  those that a name may be of; null where it is a code */
    private function thing(string $code, Clause $clause, DateTimeImmutable $now, ?Holders $holders): ?Thing
    {
        $known = $this->known($code);
        [$subject, $id] = $known === null ? $holders?->the($code) ?? [null, ''] : [Code::read($code)[0] ?? null, $known->id()];
        if ($subject === null) {
            return null;
        }
        $at = $clause->time->at($now);
        $before = $at === null ? null : new DateTimeImmutable(strlen($at) === 10 ? "$at 12:00" : $at, $now->getTimezone());

        return new Thing($subject, $id, $code, $this->spoken->of($subject)->offersAt($id, $before === null || $before >= $now ? null : $before, $now));
    }

    /** @return array<string, string> ids of what something came from, by code: "from L2" */
    private function sources(Clause $clause): array
    {
        $ids = [];
        foreach ($clause->tokens as $token) {
            if ($token->sort === TokenSort::Code && ! in_array($token->text, $clause->codes, true)) {
                $ids[$token->text] = $this->known($token->text)?->id() ?? '';
            }
        }

        return array_filter($ids);
    }
}
