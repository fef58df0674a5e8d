<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Journal;

use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Sequence;
use Marrow\Core\Journal\Struck;
use Marrow\Core\Steps\Notes\Noted;
use PHPUnit\Framework\TestCase;

final class SequenceTest extends TestCase
{
    public function test_entries_stand_in_the_order_in_which_they_happened(): void
    {
        $entries = [$this->note('c', 1, '2026-05-03'), $this->note('a', 2, '2026-05-01'), $this->note('b', 3, '2026-05-02')];
        self::assertSame(['a', 'b', 'c'], $this->ids($entries));
        self::assertSame(['a', 'b', 'c'], $this->ids(array_reverse($entries)));
    }

    public function test_of_one_moment_the_one_recorded_first_stands_first(): void
    {
        self::assertSame(['x', 'y'], $this->ids([$this->note('y', 2, '2026-05-01'), $this->note('x', 1, '2026-05-01')]));
    }

    public function test_a_struck_entry_is_out_and_a_struck_strike_brings_it_back(): void
    {
        $entries = [$this->note('a', 1, '2026-05-01'), $this->note('b', 2, '2026-05-02')];
        $entries[] = $this->strike('s1', 3, 'a');
        self::assertSame(['b'], $this->ids($entries));
        $entries[] = $this->strike('s2', 4, 's1');
        self::assertSame(['a', 'b'], $this->ids($entries));
        $entries[] = $this->strike('s3', 5, 's2');
        self::assertSame(['b'], $this->ids($entries), 'and so on, for as long as somebody cannot make up their mind');
    }

    public function test_striking_twice_needs_bringing_back_twice(): void
    {
        $entries = [$this->note('a', 1, '2026-05-01'), $this->strike('s1', 2, 'a'), $this->strike('s2', 3, 'a'), $this->strike('s3', 4, 's1')];
        self::assertSame([], $this->ids($entries));
        $entries[] = $this->strike('s4', 5, 's2');
        self::assertSame(['a'], $this->ids($entries));
    }

    public function test_strikes_are_no_entries_of_their_own(): void
    {
        $sequence = Sequence::of([$this->note('a', 1, '2026-05-01'), $this->strike('s', 2, 'a')]);
        self::assertSame([], $sequence->standing);
        self::assertSame(['a' => true], $sequence->struck);
    }

    private function note(string $id, int $order, string $at): Entry
    {
        return new Entry($id, sprintf('%04d', $order), Noted::kind(), new Noted('x'), new \DateTimeImmutable($at));
    }

    private function strike(string $id, int $order, string $of): Entry
    {
        return new Entry($id, sprintf('%04d', $order), Struck::kind(), new Struck($of, ''), new \DateTimeImmutable('2026-06-01'));
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<string>
     */
    private function ids(array $entries): array
    {
        return array_map(static fn (Entry $entry): string => $entry->id, Sequence::of($entries)->standing);
    }
}
