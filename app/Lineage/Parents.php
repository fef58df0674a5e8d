<?php

declare(strict_types=1);

namespace App\Lineage;

use App\Models\Bulk;
use App\Models\LotParent;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Population\Role;
use Marrow\Core\Steps\Origin\PouredTogether;
use Marrow\Core\Steps\Pollinating\PollinatingStrand;

/** Keeps what gave to each lot, and as what, beside it. */
final class Parents
{
    /**
     * As a lot begins: of what it is stands from then on.
     *
     * @param  string  $kind  of the entry that it begins with
     * @param  array<array-key, mixed>  $payload
     */
    public static function begin(string $lot, string $kind, array $payload, ?string $planting, ?string $parent): void
    {
        $row = static fn (Role $role, ?string $planting, ?string $from): array => ['lot_id' => $lot, 'role' => $role->value, 'kind' => $kind, 'planting_id' => $planting, 'from_lot_id' => $from];
        $lots = static fn (mixed ...$ids): array => array_map(static fn (mixed $id): ?string => is_string($id) && DB::table('lots')->where('id', $id)->exists() ? $id : null, $ids);
        $pollen = $payload['pollen'] ?? null;
        LotParent::query()->insert(match (true) {
            $kind === Kind::declared(PouredTogether::class)->name => array_map(static fn (?string $of): array => $row(Role::Part, null, $of), $lots($payload['lot'] ?? null, $payload['other'] ?? null)),
            $parent !== null => [$row(Role::Part, $planting, $parent)],
            is_string($pollen) && DB::table('plantings')->where('id', $pollen)->exists() => [$row(Role::Mother, $planting, null), $row(Role::Father, $pollen, null)],
            default => [$row(Role::Mother, $planting, null)],
        });
        self::lead('lot_id', [$lot]);
    }

    /** @param  array<string, LotCourse>  $courses  by id of the lot, whose plantings stand as they are */
    public static function settle(array $courses): void
    {
        $ids = array_keys($courses);
        $fathers = [];
        foreach (DB::select(
            "SELECT o.lot_id, s.crossed_by FROM lot_parents o CROSS JOIN planting_standings s ON s.planting_id = o.planting_id WHERE o.role = 'mother' AND s.crossed_by != '{}' AND o.lot_id IN (".Bulk::marks($ids).')',
            $ids,
        ) as $row) {
            /** @var object{lot_id: string, crossed_by: string} $row */
            $fathers[$row->lot_id] = self::fathers($courses[$row->lot_id], $row->crossed_by);
        }
        DB::table('lot_parents')->whereIn('lot_id', $ids)->where('role', Role::Father->value)->delete();
        $rows = [];
        foreach ($courses as $id => $course) {
            $cross = $course->origin->cross;
            $kind = $cross === null ? 'picked' : 'cross_picked';
            $of = $cross === null ? $fathers[$id] ?? [] : [$cross->pollen];
            foreach ($of as $planting) {
                $rows[] = ['lot_id' => $id, 'role' => Role::Father->value, 'kind' => $kind, 'planting_id' => $planting, 'from_lot_id' => null, 'told' => $cross->father ?? '', 'plants' => self::marked($cross->fathers ?? '')];
            }
            DB::update("UPDATE lot_parents SET plants = ? WHERE lot_id = ? AND role = 'mother'", [$course->origin->gave() ?: null, $id]);
            self::shares($id, $course);
        }
        Bulk::insert('lot_parents', $rows);
        self::lead('lot_id', $ids);
    }

    /** @param  list<string>  $plantings  ids, which may have been sown from another lot than was thought */
    public static function follow(array $plantings): void
    {
        self::lead('planting_id', $plantings);
    }

    /**
     * To which lot each of them leads back.
     *
     * @param  list<string>  $ids
     */
    private static function lead(string $by, array $ids): void
    {
        foreach (array_chunk($ids, 500) as $some) {
            DB::update(
                "UPDATE lot_parents SET came = coalesce(from_lot_id, (SELECT sown_lot FROM planting_standings s WHERE s.planting_id = lot_parents.planting_id)),
                    told = CASE WHEN planting_id IS NULL THEN told ELSE coalesce((SELECT sown_from FROM planting_standings s WHERE s.planting_id = lot_parents.planting_id), '') END
                 WHERE $by IN (".Bulk::marks($some).')',
                $some,
            );
        }
    }

    /**
     * Plantings whose pollen was carried to the mothers of a lot of tied flowers.
     *
     * @return list<string> ids
     */
    private static function fathers(LotCourse $course, string $kept): array
    {
        $by = json_decode($kept, true);
        $by = is_array($by) ? $by : [];
        $mothers = $course->origin->mothers();
        if (! $course->origin->isTied() || ! PollinatingStrand::isCross($mothers, array_map(strval(...), array_keys($by)))) {
            return [];
        }
        $found = [];
        foreach ($by as $mother => $plantings) {
            if (is_array($plantings) && ($mothers === [] || (string) $mother === '' || in_array((string) $mother, array_map(mb_strtolower(...), $mothers), true))) {
                array_push($found, ...array_filter($plantings, is_string(...)));
            }
        }

        return array_values(array_unique($found));
    }

    /** Of what was poured together, how much of it is of each: by the seeds taken, where all are known. */
    private static function shares(string $id, LotCourse $course): void
    {
        $mixed = $course->origin->mixed;
        if ($mixed === null) {
            return;
        }
        $seeds = $course->origin->poured();
        $all = array_sum($seeds);
        foreach ($all > 0.0 && ! in_array(null, $seeds, true) ? $seeds : [] as $from => $of) {
            DB::update('UPDATE lot_parents SET share = ? WHERE lot_id = ? AND from_lot_id = ?', [$of / $all, $id, $from]);
        }
    }

    private static function marked(string $fathers): ?int
    {
        $marks = array_filter(array_map(trim(...), explode(',', $fathers)), static fn (string $mark): bool => $mark !== '');

        return count($marks) === 0 ? null : count($marks);
    }
}
