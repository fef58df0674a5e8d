<?php

declare(strict_types=1);

namespace App\Rota;

use App\Clock;
use App\Models\Acting;
use App\Models\Deeds;
use App\Models\WriteLock;
use App\Moment;
use App\Plans\PlanMoved;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Rota\ProblemReader;
use Marrow\Core\Rota\Rota;
use Marrow\Core\Rota\RotaProblem;

/** What is wanted of the rota, every version of it, and the rotas that were agreed on. */
final readonly class RotaBook
{
    public function __construct(private Clock $clock, private Deeds $deeds) {}

    /** @return array{int, RotaWish} its version, 0 where nothing was ever wanted */
    public function wish(): array
    {
        $last = DB::table('rota_versions')->orderByDesc('number')->first(['number', 'document']);
        /** @var ?object{number: int, document: string} $last */
        $document = $last === null ? null : json_decode($last->document, true, flags: JSON_THROW_ON_ERROR);

        return [$last->number ?? 0, is_array($document) ? RotaWish::read($document) : RotaWish::none()];
    }

    /** @throws PlanMoved where somebody changed it meanwhile */
    public function save(int $version, RotaWish $wish, string $said, Acting $by): int
    {
        return WriteLock::hold(function () use ($version, $wish, $said, $by): int {
            [$last, $now] = $this->wish();
            if ($last !== $version) {
                // The same sent again, because its answer was lost, is done already.
                return $last === $version + 1 && $now->toArray() === $wish->toArray() ? $last : throw PlanMoved::since($last);
            }
            DB::table('rota_versions')->insert(['number' => $last + 1, 'document' => json_encode($wish->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), 'said' => mb_substr($said, 0, 300), 'saved_at' => Moment::keep($this->clock->now())]);
            $this->deeds->done(new RotaChanged(mb_substr($said, 0, 300)), $by);

            return $last + 1;
        });
    }

    public function agreed(): ?AgreedRota
    {
        $last = DB::table('rotas_agreed')->orderByDesc('number')->first(['problem', 'growings', 'agreed_at']);
        if ($last === null) {
            return null;
        }
        /** @var object{problem: string, growings: string, agreed_at: string} $last */
        /** @var array<array-key, mixed> $problem */
        $problem = json_decode($last->problem, true, flags: JSON_THROW_ON_ERROR);
        /** @var list<array{line: string, sow: int}> $growings */
        $growings = json_decode($last->growings, true, flags: JSON_THROW_ON_ERROR);

        return new AgreedRota(ProblemReader::read($problem), $growings, Moment::read($last->agreed_at));
    }

    public function agree(RotaProblem $problem, Rota $rota, Acting $by): void
    {
        WriteLock::hold(function () use ($problem, $rota, $by): void {
            $growings = array_map(static fn ($growing): array => ['line' => $growing->line, 'sow' => $problem->firstYear + $growing->sow], $rota->growings());
            DB::table('rotas_agreed')->insert(['problem' => json_encode(ProblemReader::write($problem), JSON_THROW_ON_ERROR), 'growings' => json_encode($growings, JSON_THROW_ON_ERROR), 'agreed_at' => Moment::keep($this->clock->now())]);
            $this->deeds->done(new RotaChanged(sprintf('Agreed on the rota from %d on: %d growings', $problem->firstYear, count($growings))), $by);
        });
    }
}
