<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Works\Written;
use Tests\TestCase;

/** What is left to do is seen by the times of files, and those are told in whole seconds. */
final class WrittenTest extends TestCase
{
    private string $file = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = "$this->database-watched";
        file_put_contents($this->file, 'one');
        touch($this->file, 1_000);
    }

    public function test_what_is_written_over_within_the_second_of_a_look_is_not_missed(): void
    {
        $written = new Written(30.0);
        self::assertTrue($written->since([$this->file], 1_000.3));
        // As long as before, and in the same second.
        file_put_contents($this->file, 'two');
        touch($this->file, 1_000);
        self::assertTrue($written->since([$this->file], 1_000.8));
        self::assertTrue($written->since([$this->file], 1_001.1), 'the last look was within its second still');
        self::assertFalse($written->since([$this->file], 1_001.3));
    }

    public function test_later_only_what_is_written_counts_and_now_and_then_it_is_looked_at_all_the_same(): void
    {
        $written = new Written(30.0);
        self::assertTrue($written->since([$this->file, "$this->file-wal"], 1_010.0));
        self::assertFalse($written->since([$this->file, "$this->file-wal"], 1_010.2));
        file_put_contents("$this->file-wal", '');
        touch("$this->file-wal", 1_010);
        self::assertTrue($written->since([$this->file, "$this->file-wal"], 1_011.4));
        self::assertFalse($written->since([$this->file, "$this->file-wal"], 1_011.6));
        self::assertTrue($written->since([$this->file, "$this->file-wal"], 1_041.5));
    }
}
