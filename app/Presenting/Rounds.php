<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\OfferDocument;
use App\Documents\RoundDocument;
use App\Documents\RoundLineDocument;
use App\Instruments\Forecasts;
use App\Models\DueTask;
use App\Models\Planting;
use App\Moment;
use App\Plans\PlannedWork;
use App\Reading\Facts;
use App\Reading\Tagged;
use App\Voice\Quantity;
use App\Voice\When;
use Closure;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Marrow\Core\Instruments\ForecastDay;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Pollinating\SunTimes;
use Marrow\Core\Selection\Roguing;
use Marrow\Core\Steps\Pollinating\FlowersShut;
use Marrow\Core\Steps\Pollinating\HandPollinated;
use Marrow\Core\Steps\Pollinating\PollinatingTask;
use Marrow\Core\Steps\Pollinating\SetSeen;
use Marrow\Core\Steps\Tending\Rogued;
use Marrow\Core\Work\Offer;

/** Walks through the garden: flowers to shut this evening, those to pollinate in the morning, plantings to look over. */
final readonly class Rounds
{
    public const WHICH = ['evening', 'morning', 'looking-over', 'ripeness'];

    private const MOST = 60;

    /** One off-type among so many is looked for, so surely. */
    private const SHARE = 0.02;

    private const SURE = 0.95;

    /** Up to so many plants go by numbers where nobody marked them. */
    private const NUMBERED = 40;

    public function __construct(private Facts $facts, private Tags $tags, private PlannedWork $planned, private RipenessRound $ripeness) {}

    public function of(string $which, When $when): RoundDocument
    {
        return match ($which) {
            'evening' => $this->evening($when),
            'morning' => $this->morning($when),
            'ripeness' => $this->ripeness->of($when),
            default => $this->lookingOver($when),
        };
    }

    private function evening(When $when): RoundDocument
    {
        $sun = $this->sun($when->now)?->set;

        return new RoundDocument('evening', 'This evening', self::sky($sun === null ? '' : "Sunset {$sun->format('H:i')}", $when), 'No flowers are to be shut this evening.', [...$this->lines(
            $this->due([PollinatingTask::Shut], $when->now->setTime(23, 59)),
            static function (PlantingCourse $course): array {
                $hand = $course->pollinating;
                $males = (int) ceil($hand->toDo() * ($course->facts->crop->byHand->males ?? 1.0));

                return [[
                    self::standing($course),
                    sprintf('About %s to shut in all, with %s for pollen; as many tonight as are ready.', Quantity::number(max(0, $hand->toDo() - $hand->shut), 'flower'), $males),
                    $course->facts->crop->byHand->steps[0] ?? '',
                ], Offer::of(FlowersShut::class, 1)];
            },
        ), ...$this->asPlanned($when->now, true)]);
    }

    private function morning(When $when): RoundDocument
    {
        // In the evening tomorrow's list is looked at already.
        $morning = (int) $when->now->format('G') < 12 ? $when->now : $when->now->modify('+1 day');
        $sun = $this->sun($morning)?->rise;
        $until = $morning->setTime(12, 0);

        return new RoundDocument('morning', $morning->format('Y-m-d') === $when->now->format('Y-m-d') ? 'This morning' : 'Tomorrow morning', self::sky($sun === null ? '' : "Sunrise {$sun->format('H:i')}", $when), 'Nothing is shut that waits for the morning, and nothing to look at.', [
            ...$this->lines($this->due([PollinatingTask::Pollinate], $until), self::toPollinate(...)),
            ...$this->lines($this->due([PollinatingTask::LookAtSet], $until), static fn (PlantingCourse $course): array => [
                [sprintf('%s pollinated by hand, of which nobody knows yet: what took swells, what did not drops.', Quantity::number($course->pollinating->undecided(), 'flower')), self::ties($course)],
                Offer::of(SetSeen::class, 1),
            ]),
            ...$this->asPlanned($morning, false),
        ]);
    }

    /**
     * What the plan has pollinated by hand, in bloom now, of which nobody has said yet how much is wanted.
     *
     * @param  bool  $evening  what is shut the evening before; else what is done all in the morning
     * @return list<RoundLineDocument>
     */
    private function asPlanned(DateTimeImmutable $on, bool $evening): array
    {
        $ids = $this->planned->byHand($on);
        $plantings = $ids === [] ? new Collection : self::walk(new Collection($ids));
        $courses = $this->facts->plantings($plantings);
        $plantings = $plantings->filter(static function (Planting $planting) use ($courses, $evening, $on): bool {
            $course = $courses[$planting->id];
            $season = $course->growing->season();

            return $course->pollinating->wanted === null && $course->pollinating->shut === 0 && $course->growing->firstBloomAt !== null && $season !== null && $on->setTime(0, 0) <= $season->lastBloom
                && ($course->facts->crop->byHand->eveningBefore ?? false) === $evening;
        })->values();

        return $this->said($plantings, $courses, static fn (PlantingCourse $course): array => [[
            self::standing($course),
            'The plan has it pollinated by hand, and it blooms. How many fruits are wanted is not said: as many flowers as are ready.',
            $course->facts->crop->byHand->steps[0] ?? '',
        ], Offer::of($evening ? FlowersShut::class : HandPollinated::class, 1)]);
    }

    private function lookingOver(When $when): RoundDocument
    {
        $plantings = self::walk(Plantings::standing($when->now)->where('lots', 0)->orderByDesc('season')->limit(self::MOST)->toBase()->pluck('planting_id'));
        $courses = $this->facts->plantings($plantings);
        // What was left of an older season is over.
        $plantings = $plantings->filter(static fn (Planting $planting): bool => $courses[$planting->id]->growing->season()?->isOver($when->now) !== true)->values();
        $wanted = Roguing::plants(self::SHARE, self::SURE);

        return new RoundDocument('looking-over', 'To look over', '', 'Nothing stands that has not been picked.', $this->said($plantings, $courses, static function (PlantingCourse $course) use ($wanted, $when): array {
            $standing = $course->tending->standing ?? 0;
            $season = $course->growing->season();

            return [[
                self::standing($course),
                $course->trueness->seen === 0 ? 'Not looked over yet.' : sprintf('Looked over: %d of %s off-type.', $course->trueness->off, Quantity::number($course->trueness->seen, 'plant')),
                $standing < $wanted
                    ? 'Look at every one.'
                    : sprintf('Look at %d to be 95 %% sure of meeting one if 1 in 50 is off-type.', $wanted),
                match (true) {
                    $season === null => '',
                    $when->now < $season->firstBloom && ! $season->isFirstSeen => sprintf('It blooms from about %s: what is pulled before is no parent.', $when->date($season->firstBloom)),
                    $season->isFirstSeen => 'It blooms or has bloomed: what is pulled now may have given pollen.',
                    default => 'It may be in bloom: what is pulled now may have given pollen.',
                },
            ], Offer::of(Rogued::class, 1)->usually('looked_over', $standing === 0 ? null : min($standing, max($wanted, 1)))];
        }));
    }

    /** @return array{list<string>, Offer} */
    private static function toPollinate(PlantingCourse $course): array
    {
        $hand = $course->pollinating;
        $fathers = self::fathers($course);

        return [[
            $hand->shut === 0
                ? sprintf('%s still to pollinate.', Quantity::number($hand->toDo(), 'flower'))
                : sprintf('%s shut%s.', Quantity::number($hand->shut, 'flower'), $hand->shutWhere === '' ? '' : ": $hand->shutWhere"),
            ($course->facts->crop->byHand->opens ?? '') === '' ? '' : $course->facts->crop->byHand->opens.'.',
            $fathers === [] ? 'Take pollen from other plants of the same variety, and not always the same ones.' : sprintf('Pollen of plants %s next: they have given least so far. Never of the mother herself.', implode(', ', $fathers)),
        ], Offer::of(HandPollinated::class, 1)->usually('flowers', max(1, min($hand->shut, 2)))];
    }

    /** @return list<string> plants that have given least pollen, so that fathers are many */
    private static function fathers(PlantingCourse $course): array
    {
        $standing = $course->tending->standing ?? 0;
        $gave = $course->pollinating->fathers();
        $plants = $standing > 0 && $standing <= self::NUMBERED ? array_map(strval(...), range(1, $standing)) : array_map(strval(...), array_keys($gave));
        $plants = array_values(array_filter($plants, static fn (string $plant): bool => ! isset($course->pollinating->mothers()[$plant])));
        usort($plants, static fn (string $a, string $b): int => [$gave[$a] ?? 0.0, (int) $a] <=> [$gave[$b] ?? 0.0, (int) $b]);

        return array_slice($plants, 0, 3);
    }

    private static function ties(PlantingCourse $course): string
    {
        $ties = array_filter(array_unique(array_map(static fn ($one): string => $one->of->tie, $course->pollinating->done)));

        return $ties === [] ? '' : 'Tied with '.implode(', ', $ties).'.';
    }

    /** With the rain that is foretold for today and tomorrow: what is shut then wants a cover. */
    private static function sky(string $sun, When $when): string
    {
        $rain = array_find(Forecasts::ahead($when->now, 1), static fn (ForecastDay $day): bool => $day->isRainLikely());

        return implode(' · ', array_filter([$sun, $rain === null ? '' : sprintf('rain is likely %s: what is shut wants a cover', $rain->day === $when->now->format('Y-m-d') ? 'today' : 'tomorrow')]));
    }

    private static function standing(PlantingCourse $course): string
    {
        return $course->tending->standing === null ? '' : Quantity::number($course->tending->standing, 'plant').' standing.';
    }

    /**
     * @param  list<PollinatingTask>  $kinds
     * @return Collection<int, Planting>
     */
    private function due(array $kinds, DateTimeImmutable $until): Collection
    {
        $ids = DueTask::standing($until)->where('subject', Subject::Planting->value)->whereIn('kind', array_map(static fn (PollinatingTask $kind): string => $kind->value, $kinds))
            ->where('opens_at', '<=', Moment::keep($until))->orderBy('best_at')->limit(self::MOST)->pluck('subject_id');

        return self::walk($ids);
    }

    /**
     * @param  Collection<int, mixed>  $ids  of plantings
     * @return Collection<int, Planting> in the order of a walk
     */
    private static function walk(Collection $ids): Collection
    {
        $plantings = Tagged::plantings(array_filter($ids->all(), is_string(...)));
        usort($plantings, static fn (Planting $a, Planting $b): int => strnatcasecmp($a->spot, $b->spot) ?: $a->number <=> $b->number);

        return new Collection($plantings);
    }

    /**
     * @param  Collection<int, Planting>  $plantings
     * @param  Closure(PlantingCourse): array{list<string>, Offer}  $says
     * @return list<RoundLineDocument>
     */
    private function lines(Collection $plantings, Closure $says): array
    {
        return $this->said($plantings, $this->facts->plantings($plantings), $says);
    }

    /**
     * @param  Collection<int, Planting>  $plantings
     * @param  array<string, PlantingCourse>  $courses  by id
     * @param  Closure(PlantingCourse): array{list<string>, Offer}  $says
     * @return list<RoundLineDocument>
     */
    private function said(Collection $plantings, array $courses, Closure $says): array
    {
        return array_values($plantings->map(function (Planting $planting) use ($courses, $says): RoundLineDocument {
            $course = $courses[$planting->id];
            [$sentences, $offer] = $says($course);

            return new RoundLineDocument($planting->id, $this->tags->planting($planting), $course->tending->outIn === '' ? $planting->spot : $course->tending->outIn, array_values(array_filter($sentences, static fn (string $one): bool => $one !== '')), OfferDocument::of($offer, $course->facts->crop->cautions));
        })->all());
    }

    private function sun(DateTimeImmutable $day): ?SunTimes
    {
        $latitude = $this->facts->practice->latitude();
        $longitude = $this->facts->practice->longitude();

        return $latitude === null || $longitude === null ? null : SunTimes::of($latitude, $longitude, $day);
    }
}
