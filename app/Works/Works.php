<?php

declare(strict_types=1);

namespace App\Works;

use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use LogicException;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Season\SearchStopped;
use Ramsey\Uuid\Uuid;
use Throwable;

/** Work that takes long: begun, watched, stopped, and found again by whoever asks for the same. */
final readonly class Works
{
    private const SPACE = '5f0d2a3e-7f0c-4c0e-9a52-0d1f7f6b9c11';

    /** s for which what was found is kept. */
    private const KEPT = 172_800;

    /** s without a sign of life after which whoever did it was killed. */
    private const DEAD = 60;

    /** s between two looks whether it was stopped. */
    private const LOOK = 0.2;

    /** @var array<string, Doing> */
    private array $doings;

    /** @param  iterable<Doing>  $doings */
    public function __construct(iterable $doings)
    {
        $by = [];
        foreach ($doings as $doing) {
            $by[$doing->kind()] = $doing;
        }
        $this->doings = $by;
    }

    /**
     * @param  array<string, mixed>  $asked  what is to be done
     * @param  string  $of  what it is done on, in the state that it has: asked the same of the same it is one work
     */
    public function begin(string $kind, array $asked, string $of): Work
    {
        WorkFile::ready();
        $id = Uuid::uuid5(self::SPACE, $kind.json_encode($asked, JSON_THROW_ON_ERROR).$of)->toString();
        $known = $this->find($id);
        if ($known !== null && ! $known->isDead && ! in_array($known->state, [WorkState::Stopped, WorkState::Failed], true)) {
            return $known;
        }
        $works = DB::connection('work');
        $works->table('works')->where('begun_at', '<', time() - self::KEPT)->delete();
        $works->table('works')->updateOrInsert(['id' => $id], ['kind' => $kind, 'asked' => json_encode($asked, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), 'state' => WorkState::Waiting->value, 'share' => 0.0, 'found' => null, 'message' => '', 'begun_at' => time(), 'seen_at' => time()]);
        Queue::push(new DoWork($id));

        return $this->find($id) ?? throw new LogicException('A work that was begun is not there.');
    }

    public function find(string $id): ?Work
    {
        $row = WorkFile::isThere() ? DB::connection('work')->table('works')->where('id', $id)->first() : null;

        /** @var ?object{id: string, kind: string, asked: string, state: string, share: float, found: ?string, message: string, seen_at: int} $row */
        return $row === null ? null : new Work($row->id, $row->kind, $state = WorkState::from($row->state), $row->share, $row->found, $row->message, $row->asked, $state === WorkState::Going && $row->seen_at < time() - self::DEAD);
    }

    /** What somebody had begun who was killed is begun anew, since somebody still watches it. */
    public function revived(Work $work): Work
    {
        if (! $work->isDead) {
            return $work;
        }
        DB::connection('work')->table('works')->where('id', $work->id)->update(['state' => WorkState::Waiting->value, 'share' => 0.0, 'seen_at' => time()]);
        Queue::push(new DoWork($work->id));

        return $this->find($work->id) ?? $work;
    }

    /** What was found may hold names: all of it that is over goes, and is looked for anew by whoever asks. */
    public static function forget(): void
    {
        if (WorkFile::isThere()) {
            $works = DB::connection('work');
            $works->statement('PRAGMA secure_delete = ON');
            $works->table('works')->whereNotIn('state', [WorkState::Waiting->value, WorkState::Going->value])->delete();
            $works->table('works')->update(['found' => null]);
        }
    }

    public function stop(string $id): void
    {
        if (WorkFile::isThere()) {
            DB::connection('work')->table('works')->where('id', $id)->whereIn('state', [WorkState::Waiting->value, WorkState::Going->value])->update(['state' => WorkState::Stopped->value]);
        }
    }

    public function do(string $id): void
    {
        $work = $this->find($id);
        if ($work === null || $work->state->isOver()) {
            return;
        }
        $this->note($id, WorkState::Going, ['share' => 0.0, 'seen_at' => time()]);
        try {
            $found = ($this->doings[$work->kind] ?? throw new LogicException("Nobody does $work->kind."))->do($work->asked(), $this->watch($id));
            $this->note($id, WorkState::Done, ['share' => 1.0, 'found' => self::json($found)]);
        } catch (SearchStopped) {
            // Whoever stopped it has written so; it may have been begun anew since, and that is not to be stopped.
            return;
        } catch (Refused $refused) {
            $this->note($id, WorkState::Failed, ['message' => $refused->getMessage()]);
        } catch (Throwable $e) {
            report($e);
            $this->note($id, WorkState::Failed, ['message' => 'Something went wrong on the server. Nothing was changed.']);
        }
    }

    /** @return Closure(float, ?object=): bool */
    private function watch(string $id): Closure
    {
        $looked = 0.0;
        $goesOn = true;

        return function (float $share, ?object $soFar = null) use ($id, &$looked, &$goesOn): bool {
            if (microtime(true) - $looked >= self::LOOK) {
                $looked = microtime(true);
                $goesOn = DB::connection('work')->table('works')->where('id', $id)->where('state', WorkState::Going->value)->update(['share' => round($share, 3), 'seen_at' => time(), ...($soFar === null ? [] : ['found' => self::json($soFar)])]) === 1;
            }

            return $goesOn;
        };
    }

    private static function json(object $found): string
    {
        return json_encode($found, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** @param  array<string, mixed>  $with */
    private function note(string $id, WorkState $state, array $with = []): void
    {
        // Stopped meanwhile it stays so.
        DB::connection('work')->table('works')->where('id', $id)->whereIn('state', [WorkState::Waiting->value, WorkState::Going->value])->update(['state' => $state->value, ...$with]);
    }
}
