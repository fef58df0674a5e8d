<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\FieldDocument;
use App\Documents\ManyDocument;
use App\Documents\ManyOfferDocument;
use App\Documents\OfferDocument;
use App\Documents\OneOfManyDocument;
use App\Documents\OwnUsualDocument;
use App\Journal\Subjects;
use App\Models\Code;
use App\Models\Thing;
use App\Voice\When;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Things\Registered;

/** What can be recorded of several things at once: what the sheet of each offers, asked once. */
final readonly class ManySheet
{
    private const AS_EACH = 'Left empty, it is as the sheet of each has it';

    /**
     * @param  Subjects<Offered>  $offering
     * @param  Subjects<Shows>  $showing
     */
    public function __construct(private Subjects $offering, private Subjects $showing) {}

    /** @param  list<string>  $codes */
    public function of(array $codes, When $when): ManyDocument
    {
        $ids = [];
        foreach ($codes as $code) {
            [$subject, $number] = Code::read($code) ?? [null, 0];
            $thing = $subject === null ? null : $this->showing->of($subject)->byNumber($number);
            if ($subject !== null && $thing instanceof Thing) {
                $ids[$subject->value][$code] = $thing->id();
            }
        }
        $things = $offered = [];
        foreach ($ids as $of => $some) {
            $subject = Subject::from($of);
            $shown = $this->showing->of($subject)->shown(array_values($some));
            foreach ($some as $code => $id) {
                if (($shown[$id]->tag ?? null) !== null) {
                    $things[$code] = new OneOfManyDocument($of, $id, $shown[$id]->tag);
                }
            }
            $offered += $this->offering->of($subject)->offered(array_values($some), $when);
        }
        $inOrder = array_values(array_filter(array_map(static fn (string $code): ?OneOfManyDocument => $things[$code] ?? null, array_values(array_unique($codes)))));

        return new ManyDocument($inOrder, self::together($inOrder, $offered));
    }

    /**
     * @param  list<OneOfManyDocument>  $things
     * @param  array<string, list<OfferDocument>>  $offered  by id
     * @return list<ManyOfferDocument>
     */
    private static function together(array $things, array $offered): array
    {
        $groups = $places = [];
        foreach ($things as $thing) {
            $seen = [];
            foreach ($offered[$thing->id] ?? [] as $place => $offer) {
                // What begins a thing is done by itself; of what a thing offers several times, as to each test, the first.
                if (isset($seen[$offer->kind]) || $offer->from === $thing->subject || ! in_array(Subject::from($thing->subject), Registered::kinds()->named($offer->kind)->of ?? [], true)) {
                    continue;
                }
                $seen[$offer->kind] = true;
                $group = self::asksTheSame($offer);
                $groups[$group][$thing->id] = $offer;
                $places[$group] = ($places[$group] ?? 0) + $place;
            }
        }
        uksort($groups, static fn (string $a, string $b): int => [count($groups[$b]), $places[$a] / count($groups[$a])] <=> [count($groups[$a]), $places[$b] / count($groups[$b])]);

        return array_map(self::one(...), array_values($groups));
    }

    /** Two things are asked the same where their offers differ in nothing but what is usual. */
    private static function asksTheSame(OfferDocument $offer): string
    {
        return (string) json_encode([$offer->kind, array_map(static fn (FieldDocument $field): FieldDocument => $field->usually(null, ''), $offer->fields)]);
    }

    /** @param  non-empty-array<string, OfferDocument>  $offers  by id */
    private static function one(array $offers): ManyOfferDocument
    {
        $first = $offers[array_key_first($offers)];
        $own = [];
        $fields = array_map(static function (FieldDocument $field, int $at) use ($offers, &$own): FieldDocument {
            $usual = array_map(static fn (OfferDocument $offer): ?string => $offer->fields[$at]->usual, $offers);
            if (! $field->hidden && count(array_unique($usual, SORT_REGULAR)) === 1) {
                return $field;
            }
            foreach ($usual as $id => $value) {
                $own[] = new OwnUsualDocument($id, $field->key, $value);
            }

            return $field->usually(null, $field->own ? $field->hint : self::AS_EACH);
        }, $first->fields, array_keys($first->fields));
        $acts = array_unique(array_map(static fn (OfferDocument $offer): string => $offer->act, $offers));
        $cautions = array_values(array_unique(array_merge(...array_values(array_map(static fn (OfferDocument $offer): array => $offer->cautions, $offers)))));

        return new ManyOfferDocument(
            new OfferDocument($first->kind, $first->title, count($acts) === 1 ? $first->act : Registered::kinds()->named($first->kind)->act ?? $first->act, $fields, $cautions, $first->step, $first->from),
            array_keys($offers),
            $own,
        );
    }
}
