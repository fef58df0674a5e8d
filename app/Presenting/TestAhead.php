<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\TestAheadDocument;
use App\Models\Lot;
use App\Reading\Facts;
use App\Voice\When;
use App\Words\TestAheadWords;
use App\Words\TestWays;
use Closure;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Values;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Steps\Testing\TestMethod;
use Marrow\Core\Steps\Testing\TestStarted;

/** A test that is thought of: what it would cost and tell. */
final readonly class TestAhead
{
    /** What of its form it goes by. */
    private const ASKED = ['replicates', 'seeds', 'method', 'group'];

    public function __construct(private Facts $facts) {}

    /** @param  Closure(FieldList): Values  $read  reads what was typed into what is asked */
    public function of(Lot $lot, Closure $read, When $when): TestAheadDocument
    {
        $fields = Kind::declared(TestStarted::class)->fields;
        $typed = $read(FieldList::of(...array_map($fields->field(...), self::ASKED)));
        $seeds = $typed->integer('replicates') * $typed->integer('seeds');
        $method = $typed->one('method', TestMethod::class);

        return $this->facts->around($lot, function () use ($lot, $seeds, $method, $typed, $when): TestAheadDocument {
            $words = new TestAheadWords($this->facts->lot($lot));

            return new TestAheadDocument(
                $words->costs($seeds),
                array_values(array_filter([$words->tells($seeds), $typed->text('group') === '' ? null : $words->beside($seeds)], static fn (?string $one): bool => $one !== null)),
                $words->wants($when->now),
                TestWays::ready($method),
                TestWays::steps($method),
            );
        });
    }
}
