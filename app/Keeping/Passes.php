<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Clock;
use App\Models\Keeper;
use App\Models\Marks;
use App\Models\Pass;
use App\Models\WriteLock;
use App\Moment;
use DateInterval;
use DateTimeImmutable;
use Illuminate\Support\Str;
use Ramsey\Uuid\Uuid;

/**
 * What lets somebody in: a browser that has signed in, an invitation, a token of a program. Each is a chance word of 43
 * letters, of which only a digest is kept: who reads the garden's file gets in nowhere with it.
 */
final readonly class Passes
{
    private const LETTERS = 43;

    /** Before it, so that it is known for what it is wherever it turns up. */
    private const BEFORE = 'mrw_';

    /** That it was used is written down once a day, so that looking at a page writes nothing. */
    private const NOTED_EVERY = 'P1D';

    public function __construct(private Clock $clock) {}

    /** By what a browser keeps its pass; gardens at other ports of the same machine have others. */
    public static function name(): string
    {
        return 'marrow-'.substr(hash('sha256', Marks::get(Marks::GARDEN)), 0, 12);
    }

    /**
     * In the transaction of the caller.
     *
     * @param  string  $name  what it is called by whoever has it
     * @return array{Pass, string} with the word itself, which is never seen again
     */
    public function make(Purpose $purpose, ?Keeper $of, Role $role, string $name): array
    {
        $word = self::BEFORE.Str::random(self::LETTERS);
        $now = $this->clock->now();
        $pass = Pass::query()->create([
            'id' => Uuid::uuid7()->toString(),
            'keeper_id' => $of?->id,
            'purpose' => $purpose->value,
            'name' => mb_substr(trim($name), 0, 60),
            'role' => $role->value,
            'digest' => self::digest($word),
            'made_at' => Moment::keep($now),
            'used_at' => null,
            'ends_at' => $this->end($purpose, $now),
        ]);

        return [$pass, $word];
    }

    /** The pass of a word, as long as it stands. */
    public function find(string $word, Purpose ...$purposes): ?Pass
    {
        if (! str_starts_with($word, self::BEFORE) || strlen($word) !== strlen(self::BEFORE) + self::LETTERS) {
            return null;
        }
        $pass = Pass::query()->where('digest', self::digest($word))->first();
        $isOver = $pass === null || ! in_array(Purpose::from($pass->purpose), $purposes, true) || ($pass->ends_at !== null && $pass->ends_at <= Moment::keep($this->clock->now()));

        return $isOver ? null : $pass;
    }

    /** @return bool whether it was noted; then it stands for longer */
    public function used(Pass $pass): bool
    {
        $now = $this->clock->now();
        if ($pass->used_at !== null && $pass->used_at > Moment::keep($now->sub(new DateInterval(self::NOTED_EVERY)))) {
            return false;
        }
        WriteLock::hold(fn (): int => Pass::query()->where('id', $pass->id)->update(['used_at' => Moment::keep($now), 'ends_at' => $this->end(Purpose::from($pass->purpose), $now)]));

        return true;
    }

    private function end(Purpose $purpose, DateTimeImmutable $now): ?string
    {
        return $purpose->days() === null ? null : Moment::keep($now->add(new DateInterval("P{$purpose->days()}D")));
    }

    /** The word is chance itself: a digest that takes long would guard nothing more. */
    private static function digest(string $word): string
    {
        return hash('sha256', $word);
    }
}
