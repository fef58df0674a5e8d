<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Models\Keeper;
use App\Models\Pass;
use App\Models\WriteLock;
use Illuminate\Database\Eloquent\Collection;
use Marrow\Core\Fields\Refused;
use Ramsey\Uuid\Uuid;

/** Who keeps the garden: comes by invitation, has a role, leaves. */
final readonly class KeepersBook
{
    public function __construct(private Passes $passes, private Present $present, private Comings $comings) {}

    /** @return Collection<int, Keeper> those who sign in, by name */
    public function all(): Collection
    {
        return Keeper::query()->where('role', '!=', '')->orderBy('name')->get();
    }

    /**
     * From then on everybody signs in.
     *
     * @return string the word by which the browser is known
     *
     * @throws Refused
     */
    public function first(string $name, string $password, string $browser): string
    {
        return WriteLock::hold(function () use ($name, $password, $browser): string {
            throw_if(Keeper::query()->where('role', Role::Owner->value)->where('password', '!=', '')->exists(), Refused::at('name', 'This garden has an owner already.'));
            $keeper = $this->enter($name, $password, Role::Owner);
            $this->comings->note($keeper->name, 'owner');
            $this->present->isSignedNow();

            return $this->passes->make(Purpose::Pages, $keeper, Role::Owner, $browser)[1];
        });
    }

    /** @return array{Pass, string} with the word of the link */
    public function invite(Role $role, string $name): array
    {
        return WriteLock::hold(function () use ($role, $name): array {
            $this->comings->note($this->by(), 'invited', $name === '' ? $role->value : $name);

            return $this->passes->make(Purpose::Invitation, null, $role, $name);
        });
    }

    /** The same for a password that was forgotten. */
    public function anew(Keeper $keeper): string
    {
        return WriteLock::hold(function () use ($keeper): string {
            Pass::query()->where('keeper_id', $keeper->id)->where('purpose', Purpose::Password->value)->delete();
            $this->comings->note($this->by(), 'password_link', $keeper->name);

            return $this->passes->make(Purpose::Password, $keeper, Role::from($keeper->role), $keeper->name)[1];
        });
    }

    /**
     * Whoever has the link comes in by it, once.
     *
     * @return string the word by which the browser is known
     *
     * @throws Refused
     */
    public function join(string $word, string $name, string $password, string $browser): string
    {
        return WriteLock::hold(function () use ($word, $name, $password, $browser): string {
            $pass = $this->passes->find($word, Purpose::Invitation, Purpose::Password)
                ?? throw Refused::at('link', 'This link was used, has ended or was taken back. Ask for another.');
            $known = $pass->keeper_id === null ? null : Keeper::query()->find($pass->keeper_id);
            $keeper = $known === null ? $this->enter($name, $password, Role::from($pass->role)) : $this->choose($known, $password);
            $pass->delete();
            $this->comings->note($keeper->name, $known === null ? 'joined' : 'password');

            return $this->passes->make(Purpose::Pages, $keeper, Role::from($keeper->role), $browser)[1];
        });
    }

    /**
     * A new password; whoever had the old one is out everywhere.
     *
     * @throws Refused
     */
    public function choose(Keeper $keeper, string $password): Keeper
    {
        return WriteLock::hold(static function () use ($keeper, $password): Keeper {
            $keeper->update(['password' => Secret::chosen($password, $keeper->name)]);
            Pass::query()->where('keeper_id', $keeper->id)->whereIn('purpose', [Purpose::Pages->value, Purpose::Password->value])->delete();

            return $keeper;
        });
    }

    /** @throws Refused */
    public function become(Keeper $keeper, Role $role): void
    {
        WriteLock::hold(function () use ($keeper, $role): void {
            $role === Role::Owner || $this->mustNotBeLast($keeper, 'role');
            $keeper->update(['role' => $role->value]);
            $this->comings->note($this->by(), "role_$role->value", $keeper->name);
        });
    }

    /**
     * What they recorded stays, with their name.
     *
     * @throws Refused
     */
    public function leave(Keeper $keeper): void
    {
        WriteLock::hold(function () use ($keeper): void {
            $this->mustNotBeLast($keeper, 'keeper');
            $keeper->update(['role' => '', 'password' => '']);
            Pass::query()->where('keeper_id', $keeper->id)->delete();
            $this->comings->note($this->by(), 'left', $keeper->name);
        });
    }

    /** Out of every browser. */
    public function out(Keeper $keeper): void
    {
        WriteLock::hold(function () use ($keeper): void {
            Pass::query()->where('keeper_id', $keeper->id)->where('purpose', Purpose::Pages->value)->delete();
            $this->comings->note($this->by(), 'out_everywhere', $keeper->name);
        });
    }

    /** A browser is out, a token opens nothing any more, an invitation is taken back. */
    public function end(Pass $pass): void
    {
        WriteLock::hold(function () use ($pass): void {
            $pass->delete();
            $whose = Keeper::query()->find($pass->keeper_id ?? '')->name ?? '';
            match (Purpose::from($pass->purpose)) {
                Purpose::Pages => $this->comings->note($this->by(), 'out', $whose),
                Purpose::Invitation, Purpose::Password => $this->comings->note($this->by(), 'taken_back', $pass->name),
                default => $this->comings->note($this->by(), 'token_ended', $pass->name),
            };
        });
    }

    /** @return string the word of the token, which is seen once */
    public function token(Purpose $purpose, string $name, Keeper $of): string
    {
        return WriteLock::hold(function () use ($purpose, $name, $of): string {
            $this->comings->note($this->by(), 'token', $name);

            return $this->passes->make($purpose, $of, $purpose->role(), $name)[1];
        });
    }

    /** @throws Refused */
    private function enter(string $name, string $password, Role $role): Keeper
    {
        $name = trim($name);
        throw_if(mb_strlen($name) < 2 || mb_strlen($name) > 60, Refused::at('name', 'A name of 2 to 60 letters.'));
        $known = Keeper::query()->where('name', $name)->first();
        throw_if($known !== null && $known->role !== '', Refused::at('name', 'Somebody of that name keeps this garden already. Add a letter or a surname.'));
        $digest = Secret::chosen($password, $name);
        // Who stands in the journal by that name already is meant.
        $keeper = $known ?? new Keeper(['id' => Uuid::uuid7()->toString(), 'name' => $name]);
        $keeper->fill(['role' => $role->value, 'password' => $digest])->save();

        return $keeper;
    }

    /** @throws Refused */
    private function mustNotBeLast(Keeper $keeper, string $at): void
    {
        throw_if($keeper->role === Role::Owner->value && Keeper::query()->where('role', Role::Owner->value)->count() === 1, Refused::at($at, "$keeper->name is the only owner. Make somebody else one first."));
    }

    private function by(): string
    {
        return $this->present->keeper->name ?? '';
    }
}
