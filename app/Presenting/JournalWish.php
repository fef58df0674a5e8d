<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Models\Code;
use App\Models\JournalEntry;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Values;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Things\Registered;

/** What of the journal somebody wants to see: by whom, what, of what, in which days. */
final readonly class JournalWish
{
    /**
     * @param  string  $by  name of who recorded it; empty for everybody
     * @param  string  $kind  empty for all
     * @param  array{Subject, string}|null  $of  a thing with a code; null for all
     * @param  string  $from  a day; empty for the first
     * @param  string  $to  the last day; empty for none
     */
    private function __construct(public string $by = '', public string $kind = '', public ?array $of = null, public string $from = '', public string $to = '') {}

    /** Days are read as they are typed elsewhere. */
    public static function fields(): FieldList
    {
        return FieldList::of(Field::day('from', 'From')->optional(), Field::day('to', 'Until')->optional());
    }

    /**
     * @param  array<array-key, mixed>  $days  from and to
     *
     * @throws Refused naming what cannot be wished
     */
    public static function of(string $by, string $kind, string $code, array $days): self
    {
        $read = self::fields()->read($days);
        if ($kind !== '' && Registered::kinds()->named($kind) === null) {
            throw Refused::at('kind', 'Nothing of that kind is recorded.');
        }

        return new self(trim($by), $kind, trim($code) === '' ? null : self::thing($code), self::day($read, 'from'), self::day($read, 'to'));
    }

    /** What was done to plans and settings is of no thing, and of no kind of entry. */
    public function holdsDeeds(): bool
    {
        return $this->kind === '' && $this->of === null;
    }

    /** @param  Builder<JournalEntry>  $entries */
    public function narrow(Builder $entries): void
    {
        $this->by === '' || $entries->whereRaw('recorded_by = ? COLLATE NOCASE', [$this->by]);
        $this->kind === '' || $entries->where('kind', $this->kind);
        $this->of === null || $entries->where('subject', $this->of[0]->value)->where('subject_id', $this->of[1]);
        $this->from === '' || $entries->where('happened_at', '>=', "$this->from 00:00:00");
        $this->to === '' || $entries->where('happened_at', '<=', "$this->to 23:59:59");
    }

    /**
     * @return array{Subject, string}
     *
     * @throws Refused
     */
    private static function thing(string $code): array
    {
        [$subject, $number] = Code::read($code) ?? throw Refused::at('of', 'Write a code, as L7 or P3.');
        $id = DB::table($subject === Subject::Lot ? 'lots' : 'plantings')->where('number', $number)->value('id');

        return is_string($id) ? [$subject, $id] : throw Refused::at('of', 'There is no '.mb_strtoupper(trim($code)).'.');
    }

    private static function day(Values $read, string $key): string
    {
        $day = $read->all()[$key] ?? null;

        return is_string($day) ? $day : '';
    }
}
