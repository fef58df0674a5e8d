<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Garden;
use App\Models\WriteLock;
use RuntimeException;
use Tests\TestCase;

/** Those who write queue, and long work lets others in between. */
final class WriteLockTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Garden::query()->create(['name' => 'Harbour Row']);
    }

    public function test_while_it_is_held_nobody_else_has_the_turn_and_afterwards_anybody(): void
    {
        WriteLock::hold(function (): void {
            self::assertFalse($this->isFree(), 'held');
            // What is written within is of the same turn.
            WriteLock::hold(static fn (): int => Garden::query()->update(['name' => 'North Wall']));
            self::assertFalse($this->isFree(), 'held still');
        });
        self::assertTrue($this->isFree());
        self::assertSame('North Wall', Garden::query()->value('name'));
    }

    public function test_what_fails_leaves_nothing_and_gives_the_turn_back(): void
    {
        try {
            WriteLock::hold(function (): never {
                Garden::query()->update(['name' => 'North Wall']);

                throw new RuntimeException('torn');
            });
        } catch (RuntimeException $e) {
            self::assertSame('torn', $e->getMessage());
        }
        self::assertTrue($this->isFree());
        self::assertSame('Harbour Row', Garden::query()->value('name'));
    }

    public function test_the_file_of_the_turn_is_its_owners_alone(): void
    {
        WriteLock::hold(static fn (): int => 0);
        self::assertSame(0o600, fileperms("$this->database-turn") & 0o777);
    }

    /** Whether somebody else could have the turn at once. */
    private function isFree(): bool
    {
        $turn = fopen("$this->database-turn", 'c');
        self::assertIsResource($turn);
        $isFree = flock($turn, LOCK_EX | LOCK_NB);
        fclose($turn);

        return $isFree;
    }
}
