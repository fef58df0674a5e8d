<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\ComingDocument;
use App\Documents\KeeperDocument;
use App\Documents\KeepersDocument;
use App\Documents\KeyedDocument;
use App\Documents\MeDocument;
use App\Documents\PassDocument;
use App\Keeping\Comings;
use App\Keeping\KeepersBook;
use App\Keeping\Present;
use App\Keeping\Purpose;
use App\Keeping\Role;
use App\Models\Keeper;
use App\Models\Pass;
use App\Moment;
use App\Voice\When;
use Illuminate\Support\Collection;

/** Who keeps the garden, as far as whoever asks may know. */
final readonly class KeepersPage
{
    /** Lines of the book of comings. */
    private const LINES = 100;

    public function __construct(private Present $present, private KeepersBook $book, private Comings $comings) {}

    public function me(): MeDocument
    {
        $keeper = $this->present->keeper ?? $this->present->owner();

        return new MeDocument($this->present->isSigned(), $keeper === null ? null : new KeeperDocument($keeper->id, $keeper->name, $keeper->role));
    }

    public function all(When $when): KeepersDocument
    {
        $isOwner = $this->present->isSigned() && $this->present->may(Role::Owner);
        $passes = Pass::query()->orderByDesc('id')->get();
        $mine = $passes->where('keeper_id', $this->present->keeper->id ?? '');

        return new KeepersDocument(
            $this->me(),
            array_values($this->book->all()->map(fn (Keeper $keeper): KeeperDocument => new KeeperDocument($keeper->id, $keeper->name, $keeper->role, self::said($passes->where('keeper_id', $keeper->id)->max(static fn (Pass $pass): string => $pass->used_at ?? $pass->made_at), $when)))->all()),
            $this->passes($mine->where('purpose', Purpose::Pages->value), $when),
            $this->passes($mine->whereIn('purpose', array_map(static fn (Purpose $purpose): string => $purpose->value, Purpose::TOKENS)), $when),
            $isOwner ? $this->passes($passes->whereIn('purpose', [Purpose::Invitation->value, Purpose::Password->value])->filter(static fn (Pass $pass): bool => $pass->ends_at > Moment::keep($when->now)), $when) : [],
            $isOwner ? array_map(static fn (object $line): ComingDocument => new ComingDocument(self::said($line->at, $when), self::came($line->who, $line->what, $line->whom), $line->address), $this->comings->last(self::LINES)) : [],
            array_map(static fn (Role $role): KeyedDocument => new KeyedDocument($role->value, $role->label()), Role::cases()),
            array_map(static fn (array $choice): KeyedDocument => new KeyedDocument($choice['key'], $choice['label']), Purpose::choices()),
        );
    }

    /**
     * @param  Collection<int, Pass>  $passes
     * @return list<PassDocument>
     */
    private function passes(Collection $passes, When $when): array
    {
        return array_values($passes->map(fn (Pass $pass): PassDocument => new PassDocument(
            $pass->id,
            $pass->name,
            $pass->purpose === Purpose::Invitation->value ? Role::from($pass->role)->label() : Purpose::from($pass->purpose)->label(),
            self::said($pass->made_at, $when),
            self::said($pass->used_at, $when),
            self::said($pass->ends_at, $when),
            $pass->id === $this->present->pass?->id,
        ))->all());
    }

    private static function said(mixed $kept, When $when): string
    {
        return is_string($kept) ? $when->minute(Moment::read($kept)) : '';
    }

    private static function came(string $who, string $what, string $whom): string
    {
        $by = $who === '' ? 'At this machine' : $who;

        return match ($what) {
            'owner' => "$by became the owner",
            'in' => "$by signed in",
            'refused' => "$by was refused: another password",
            'out' => $who === $whom ? "$by signed out" : "$by signed $whom out",
            'out_everywhere' => $who === $whom ? "$by signed out everywhere" : "$by signed $whom out everywhere",
            'invited' => "$by invited $whom",
            'joined' => "$by came by an invitation",
            'password_link' => "$by made a link by which $whom chooses a password anew",
            'password' => "$by chose a password anew",
            'left' => $who === $whom ? "$by left" : "$by let $whom go",
            'token' => "$by made a token: $whom",
            'token_ended' => "$by took a token back: $whom",
            'taken_back' => "$by took an invitation back: $whom",
            default => str_starts_with($what, 'role_') ? "$by made $whom ".substr($what, 5) : "$by: $what",
        };
    }
}
