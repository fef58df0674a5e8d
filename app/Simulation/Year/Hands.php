<?php

declare(strict_types=1);

namespace App\Simulation\Year;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Marrow\Core\Botany\CropReference;

/** What a keeper's hands do about each thing that is wanted. */
final class Hands
{
    /** Of each test, in one dish. */
    private const TESTED = 25;

    /** @var array<string, float> g that were threshed, by the lot */
    private array $threshed = [];

    /** @var array<string, DateTimeImmutable> when these hands set a test */
    private array $tests = [];

    public function __construct(private readonly Door $door, private readonly Truth $truth, private readonly Promises $promises, private readonly CropReference $crops, private readonly string $cupboard) {}

    /** @return bool whether anything was done about it */
    public function do(Wanted $task): bool
    {
        return match ($task->kind) {
            'pick' => $this->begins('lot', 'picked', ['plants' => 4, 'fruits' => 12, 'mass_g' => 900], ['planting' => $task->of]),
            'start_ferment' => $this->ferment($task),
            'pour_off' => $this->wet($task, 'poured_off', ['passes' => 3, 'sprouted' => false]),
            'turn' => $this->says($task, 'turned'),
            'wash', 'rinse', 'lift_out' => $this->wet($task, 'rinsed'),
            'thresh' => $this->says($task, 'threshed', ['mass_g' => $this->threshed[$task->of] = 200.0]),
            'winnow' => $this->says($task, 'winnowed', isset($this->threshed[$task->of]) ? ['mass_g' => 0.75 * $this->threshed[$task->of]] : []),
            'spread_wet', 'spread_dry', 'open_damp_jar', 'dry_bathed' => $this->says($task, 'spread', ['surface' => 'tray', 'mass_g' => $this->truth->spread($task->of, $this->door->now()), 'moisture' => Truth::COMES_WITH]),
            'weigh' => $this->weigh($task),
            'read_jar', 'read_card', 'try_by_hand', 'read_stored_jar' => $this->says($task, 'jar_read', ['rh' => 33, 'temperature_c' => 19]),
            'turn_wet' => $this->says($task, 'raked', ['dry_outside' => true]),
            'take_in' => $this->says($task, 'dries_elsewhere', ['where' => 'indoors']),
            'look_into_jar', 'change_desiccant' => $this->says($task, 'desiccant_out'),
            'put_away' => $this->putAway($task, 'jar'),
            'cure' => $this->putAway($task, 'cloth_bag'),
            'stopped', 'dry_by_hand' => $this->putAway($task, 'paper_envelope'),
            'take_out_of_cold' => $this->putAway($task, 'jar'),
            'test_first', 'test_again' => $this->setTest($task),
            'count_test' => $this->count($task),
            'end_test' => $this->end($task),
            'wet_test' => $this->says($task, 'test_wetted', ['test' => $task->about]),
            'warm_test' => $this->says($task, 'test_warmed', ['test' => $task->about]),
            'grow_out', 'plant_again' => $this->begins('planting', 'sown', ['plants' => 12, 'lot' => $task->of], ['variety' => $this->varietyOf($task), 'spot' => 'Grown out']),
            'judge_off_types' => $this->says($task, 'off_types_judged', ['judged' => 'stray']),
            'shut_flowers' => $this->says($task, 'flowers_shut', ['females' => 2, 'males' => 4]),
            'pollinate' => $this->says($task, 'hand_pollinated', ['flowers' => 2, 'mother' => '1', 'fathers' => '2, 3']),
            'look_at_set' => $this->says($task, 'set_seen', ['took' => 1, 'dropped' => 1]),
            'call_back' => $this->says($task, 'called_back', ['gift' => $task->about]),
            default => $this->putOff($task, ['how' => 'done']),
        };
    }

    /** @param  array<string, mixed>  $task  of a plan */
    public function planned(array $task): bool
    {
        $planting = is_string($task['planting'] ?? null) ? $task['planting'] : '';
        $sow = $task['sow'] ?? null;
        if (($task['kind'] ?? '') === 'unsown') {
            // Its season is past: dropped, as Today offers it.
            return $this->door->sends('plans/'.(is_int($task['year'] ?? null) ? $task['year'] : 0)."/plantings/$planting/put-off");
        }
        if (is_array($sow) && ($task['kind'] ?? '') === 'sow') {
            return $this->begins('planting', 'sown', ['plants' => $sow['plants'] ?? 10, 'planned' => "plan:$planting"], ['variety' => is_string($sow['variety'] ?? null) ? $sow['variety'] : '', 'spot' => 'Long bed']);
        }
        $step = is_array($task['step'] ?? null) ? $task['step'] : [];
        $kind = is_string($step['kind'] ?? null) ? $step['kind'] : '';
        $payload = match ($kind) {
            'lifted' => ['plants' => 6, 'kept' => 5],
            'winter_lost' => ['lost' => 1],
            'rogued' => ['looked_over' => 4, 'pulled' => 1, 'why' => 'sick'],
            'hand_wanted' => ['fruits' => 2],
            'covered' => ['with' => 'cage'],
            'planted_out' => ['plants' => 4],
            'replanted' => ['plants' => 4],
            default => [],
        };

        return $kind !== '' && $this->door->record(['subject' => 'planting', 'id' => is_string($step['planting'] ?? null) ? $step['planting'] : ''], $kind, [...$payload, ...(is_array($step['payload'] ?? null) ? $step['payload'] : [])]) !== null;
    }

    public function lose(string $lot): void
    {
        $this->door->record(['subject' => 'lot', 'id' => $lot], 'seed_lost', ['how' => 'rotten']);
    }

    /** @param  array<string, mixed>  $how */
    public function putOff(Wanted $task, array $how): bool
    {
        return $this->says($task, 'put_off', ['task' => $task->kind, 'about' => $task->about, 'what' => $task->do, 'opens' => substr($task->opens, 0, 16), ...$how]);
    }

    /** @param  array<string, mixed>  $payload */
    private function says(Wanted $task, string $kind, array $payload = []): bool
    {
        return $this->door->record(['subject' => $task->subject, 'id' => $task->of], $kind, $payload) !== null;
    }

    /**
     * @param  array<string, mixed>  $payload
     * @param  array<string, string>  $begins
     */
    private function begins(string $subject, string $kind, array $payload, array $begins): bool
    {
        return $this->door->record(['subject' => $subject, 'id' => (string) Str::uuid7()], $kind, $payload, $begins) !== null;
    }

    private function ferment(Wanted $task): bool
    {
        $this->truth->ferments($task->of, $this->door->now());

        return $this->says($task, 'ferment_started', ['temperature_c' => 24, 'cover' => 'cloth']);
    }

    /** @param  array<string, mixed>  $payload */
    private function wet(Wanted $task, string $kind, array $payload = []): bool
    {
        $this->truth->liesWet($task->of, $this->door->now());

        return $this->says($task, $kind, $payload);
    }

    /** Seed that came to the racks before these hands did has a jar with a hygrometer in it. */
    private function weigh(Wanted $task): bool
    {
        $grams = $this->truth->weighs($task->of, $this->door->now());

        return $grams === null
            ? $this->says($task, 'jar_read', ['rh' => 33, 'temperature_c' => 19])
            : $this->says($task, 'weighed', ['mass_g' => round($grams, 1)]);
    }

    private function putAway(Wanted $task, string $container): bool
    {
        $this->promises->dry($task->of, $this->truth->moisture($task->of, $this->door->now()));

        return $this->says($task, 'stored', ['container' => $container, 'place_id' => $this->cupboard]);
    }

    private function setTest(Wanted $task): bool
    {
        $test = (string) Str::uuid7();
        $this->tests[$test] = $this->door->now();

        return $this->says($task, 'test_started', ['test' => $test, 'replicates' => 1, 'seeds' => self::TESTED, 'temperature_c' => 20, 'method' => 'dish']);
    }

    private function count(Wanted $task): bool
    {
        $since = $this->tests[$task->about] ?? null;
        if ($since === null) {
            // What others set is theirs to count; where nobody did, nothing is said to have come up.
            $this->countsNothing($task);

            return $this->end($task);
        }
        $crop = DB::table('lots')->join('varieties', 'varieties.id', '=', 'lots.variety_id')->where('lots.id', $task->of)->value('crop');
        $isLast = $since->setTime(0, 0)->diff($this->door->now()->setTime(0, 0))->days >= $this->crops->get(is_string($crop) ? $crop : '')->test->lastCount;

        return $this->says($task, 'test_counted', ['test' => $task->about, 'normal' => [$this->truth->cameUp($task->of, $task->about, self::TESTED, $isLast)], 'abnormal' => [0]]);
    }

    private function countsNothing(Wanted $task): void
    {
        $sections = $this->door->see("lots/$task->code")['sections'] ?? [];
        foreach (is_array($sections) ? $sections : [] as $section) {
            if (is_array($section) && ($section['id'] ?? null) === $task->about && ($section['counts'] ?? null) === [] && is_int($section['replicates'] ?? null)) {
                $none = array_fill(0, $section['replicates'], 0);
                $this->says($task, 'test_counted', ['test' => $task->about, 'normal' => $none, 'abnormal' => $none]);
            }
        }
    }

    private function end(Wanted $task): bool
    {
        $isEnded = $this->says($task, 'test_ended', ['test' => $task->about]);
        if ($isEnded && isset($this->tests[$task->about])) {
            $this->promises->alive($task->of, $this->truth->alive($task->of));
        }

        return $isEnded;
    }

    private function varietyOf(Wanted $task): string
    {
        $variety = $this->door->see("lots/$task->code")['variety'] ?? null;

        return is_string($variety) ? $variety : '';
    }
}
