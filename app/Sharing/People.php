<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Documents\GivenDocument;
use App\Documents\OfferDocument;
use App\Documents\PersonDocument;
use App\Documents\TagDocument;
use App\Models\Lot;
use App\Presenting\Tags;
use App\Reading\Facts;
use App\Reading\PeopleNames;
use App\Reading\Tagged;
use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Voice\When;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Sharing\CalledBack;
use Marrow\Core\Steps\Sharing\Gift;
use Marrow\Core\Steps\Stock\Purpose;
use Marrow\Core\Work\Offer;

/** Whose seed came here, and who has seed from here. */
final readonly class People
{
    public function __construct(private Facts $facts, private Tags $tags) {}

    /** @return list<PersonDocument> those who must hear of a crossing first, the rest by name */
    public function all(When $when): array
    {
        [$has, $gave] = [$this->has($when), $this->gave()];
        $people = [];
        foreach (array_unique([...array_keys($has), ...array_keys($gave)]) as $key) {
            [$name, $given] = $has[$key] ?? [$gave[$key][0], []];
            $people[] = new PersonDocument($name, self::said(count($given), count($gave[$key][1] ?? [])), $given, $gave[$key][1] ?? []);
        }
        $waits = static fn (PersonDocument $person): int => count(array_filter($person->has, static fn (GivenDocument $given): bool => $given->told !== null));
        usort($people, static fn (PersonDocument $a, PersonDocument $b): int => [$waits($b) > 0, mb_strtolower($a->name)] <=> [$waits($a) > 0, mb_strtolower($b->name)]);

        return $people;
    }

    /** @return array<string, array{string, list<GivenDocument>}> name and what they have, by the name in small letters */
    private function has(When $when): array
    {
        $purposes = array_map(static fn (Purpose $purpose): string => $purpose->value, array_values(array_filter(Purpose::cases(), static fn (Purpose $purpose): bool => $purpose->isPassedOn())));
        $lots = Lot::query()->with(['variety', 'standing', 'planting'])->whereIn('id', DB::table('journal_entries')->where('kind', 'withdrawn')
            ->whereIn(DB::raw("json_extract(payload, '$.purpose')"), $purposes)->select('subject_id'))->orderByDesc('number')->get();
        $has = [];
        $this->facts->each($lots, function (Lot $lot, LotCourse $course) use ($when, &$has): void {
            $tag = $this->tags->lot($lot);
            $open = array_map(static fn (Gift $gift): string => $gift->entry, $course->sharing->toCallBack());
            foreach (array_reverse($course->sharing->gifts) as $gift) {
                $name = trim($gift->given->to);
                if ($name !== '') {
                    // As it was first written; however it is written, it is one.
                    $has[mb_strtolower($name)] = [$name, $has[mb_strtolower($name)][1] ?? []];
                    $has[mb_strtolower($name)][1][] = $this->given($gift, $lot, $tag, $course, in_array($gift->entry, $open, true), $when);
                }
            }
        });

        return $has;
    }

    private function given(Gift $gift, Lot $lot, TagDocument $tag, LotCourse $course, bool $isOpen, When $when): GivenDocument
    {
        return new GivenDocument(
            $gift->entry,
            $lot->id,
            $tag,
            Speaking::forms()->day($gift->at),
            $gift->given->seeds === null ? Quantity::weighed((float) $gift->given->massG) : Quantity::seeds($gift->given->seeds, $course->facts->crop->counts()->value),
            match (true) {
                $isOpen => $course->sharing->isSure ? 'It turned out to be crossed: call it back.' : 'Another lot of its bloom turned out crossed, so this may be too: call it back.',
                $gift->isCalledBack => 'They were told of the crossing.',
                default => '',
            },
            $isOpen ? OfferDocument::of(Offer::of(CalledBack::class, 1)->given('gift', $gift->entry), []) : null,
        );
    }

    /** @return array<string, array{string, list<TagDocument>}> name and the lots that came from them, by the name in small letters */
    private function gave(): array
    {
        $rows = DB::table('journal_entries as j')->where('j.kind', 'received')->whereRaw("json_extract(j.payload, '$.from') <> ''")
            ->whereRaw(PeopleNames::STANDS)
            ->orderBy('j.seq')->get(['j.subject_id', DB::raw("json_extract(j.payload, '$.from') AS name")]);
        $lots = Tagged::lots(array_filter($rows->pluck('subject_id')->all(), is_string(...)));
        $gave = [];
        foreach ($rows as $row) {
            /** @var object{subject_id: string, name: string} $row */
            $lot = $lots[$row->subject_id] ?? null;
            $name = trim($row->name);
            if ($lot !== null) {
                $gave[mb_strtolower($name)] ??= [$name, []];
                $gave[mb_strtolower($name)][1][] = $this->tags->lot($lot);
            }
        }

        return $gave;
    }

    private static function said(int $has, int $gave): string
    {
        return implode(', ', array_filter([
            $has === 0 ? '' : 'was given seed '.($has === 1 ? 'once' : ($has === 2 ? 'twice' : "$has times")),
            $gave === 0 ? '' : Quantity::number($gave, 'lot').' came from there',
        ]));
    }
}
