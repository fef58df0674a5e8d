<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Voice\PlanTaskVoice;
use App\Words\PlanWords;
use App\Words\RemedyWords;
use DateTimeImmutable;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Season\GardenIsolation;
use Marrow\Core\Season\IsolationStanding;
use Marrow\Core\Season\PlanRemarks;
use Marrow\Core\Season\PlanTask;
use Marrow\Core\Season\PlanTaskKind;
use Marrow\Core\Season\PlanTasks;
use Marrow\Core\Season\Rectangle;
use Marrow\Core\Season\Remedies;
use Marrow\Core\Season\Remedy;
use Marrow\Core\Season\RemedyPlan;
use Marrow\Core\Season\RemedyPreferences;
use Marrow\Core\Season\SeasonPlan;
use Marrow\Core\Tests\Support\Drawing;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A season's plan as it is said. */
final class PlanWordsTest extends TestCase
{
    public function test_what_would_cross_is_said_with_its_figure_and_its_reason(): void
    {
        $plan = $this->draw()->plant('bell', 'squash-pepo', 0, 0)->plant('lead', 'squash-pepo', 32, 0)->plan();
        $standing = self::standing($plan, 'bell');
        $words = self::words($plan);
        self::assertSame('Bell Buoy: about 50 % crossed seed to be expected, and 1 % is put up with.', self::plain($words->risk($standing)));
        self::assertSame('Most of it from Sounding Lead, 30 m away; a careful keeper asks for 800 m.', self::plain($words->because($standing)));
        self::assertSame('about 50 % from Sounding Lead: 30 m away, in bloom together 55 days.', self::plain($words->fromSource($standing->risks[0])));
    }

    public function test_a_neighbour_of_whose_bloom_nothing_is_known_is_taken_to_bloom_all_the_while(): void
    {
        $plan = $this->draw()->plant('bell', 'squash-pepo', 0, 0)->source('n', 'squash-pepo', 202, 0)->hedge(100, -20, 100, 20)->with('isolation', ['standard' => 'home'])->plan();
        $standing = self::standing($plan, 'bell');
        $words = self::words($plan);
        self::assertSame("Most of it from the neighbour's squash-pepo, 200 m away, behind a hedge; a home gardener asks for 200 m.", self::plain($words->because($standing)));
        self::assertStringEndsWith('behind a hedge, its bloom not known, so taken as all the while.', self::plain($words->fromSource($standing->risks[0])));
    }

    public function test_what_is_well_is_said_too(): void
    {
        $apart = $this->draw()->plant('bell', 'squash-pepo', 0, 0)->plan();
        self::assertSame('Bell Buoy has nothing near that would cross with it in its bloom.', self::words($apart)->risk(self::standing($apart, 'bell')));
        $caged = $this->draw()->plant('bell', 'squash-pepo', 0, 0, more: ['cover' => 'caged'])->plant('lead', 'squash-pepo', 5, 0)->plan();
        self::assertSame('Bell Buoy is covered: no foreign pollen gets in, as long as the cover is sound.', self::words($caged)->risk(self::standing($caged, 'bell')));
        $mixing = $this->draw()->plant('bell', 'squash-pepo', 0, 0, more: ['mixing' => true])->plant('lead', 'squash-pepo', 32, 0)->plan();
        self::assertSame('Bell Buoy mixes on purpose: about 50 % of its seed from elsewhere.', self::plain(self::words($mixing)->risk(self::standing($mixing, 'bell'))));
        $alone = $this->draw()->plant('bell', 'squash-pepo', 0, 0, more: ['mixing' => true])->plan();
        self::assertSame('Bell Buoy mixes on purpose, and nothing is near enough to mix with.', self::words($alone)->risk(self::standing($alone, 'bell')));
    }

    public function test_what_stands_right_beside_it_is_not_said_to_be_nought_metres_away(): void
    {
        $plan = $this->draw()->plant('bell', 'squash-pepo', 0, 0)->plant('lead', 'squash-pepo', 2, 0)->plan();
        self::assertStringStartsWith('Most of it from Sounding Lead, right beside it;', self::words($plan)->because(self::standing($plan, 'bell')));
    }

    public function test_alternating_cages_have_a_rota_with_dates_that_keep_step(): void
    {
        $plan = $this->draw()
            ->plant('bell', 'squash-pepo', 0, 0, '2027-05-01', ['cover' => 'alternate'])
            ->plant('lead', 'squash-pepo', 5, 0, '2027-05-04', ['cover' => 'alternate'])
            ->plan();
        // Bloom from 28 and from 30 June. 1 July 2027 is day 21,000 since 1970, so the first of two opens on odd dates of July.
        self::assertSame([
            'bell' => 'Open on 29 June, 1, 3 July and every second day after; shut on the days between, when Sounding Lead stands open. Change over in the evening, when no bee flies.',
            'lead' => 'Open on 30 June, 2, 4 July and every second day after; shut on the days between, when Bell Buoy stands open. Change over in the evening, when no bee flies.',
        ], $this->rotas($plan));
    }

    public function test_three_cages_take_turns_of_three_days(): void
    {
        $plan = $this->draw()
            ->plant('bell', 'squash-pepo', 0, 0, '2027-04-29', ['cover' => 'alternate'])
            ->plant('lead', 'squash-pepo', 5, 0, '2027-04-29', ['cover' => 'alternate'])
            ->plant('keel', 'squash-pepo', 10, 0, '2027-04-29', ['cover' => 'alternate'])
            ->plan();
        $rotas = $this->rotas($plan);
        self::assertStringContainsString('every third day after; shut on the days between, when Sounding Lead or Keel stands open.', $rotas['bell']);
        self::assertCount(3, array_unique(array_map(static fn (string $said): string => explode(' and ', $said)[0], $rotas)), 'no two open on one day');
        self::assertSame('Open on 29 June, 2, 5 July', explode(' and ', $rotas['lead'])[0]);
    }

    public function test_every_task_of_a_plan_is_said_with_its_reason(): void
    {
        $plan = $this->draw()
            ->plant('bell', 'squash-pepo', 0, 0, '2027-04-28', ['plant_out' => '2027-05-24', 'cover' => 'caged'])
            ->plant('lead', 'carrot', 10, 0, '2026-06-08', ['lifted' => true])
            ->plant('ballast', 'squash-moschata', 20, 0, '2027-05-01', ['cover' => 'bagged'])
            ->plant('keel', 'squash-maxima', 20, 5, '2027-05-01', ['cover' => 'alternate'])
            ->plant('bank', 'chard', 30, 5, '2026-06-08', ['cover' => 'cloth'])
            ->plant('groyne', 'potato', 40, 5, '2027-04-20')
            ->plan();
        $kinds = [];
        foreach (PlanTasks::of($plan) as $task) {
            self::assertMatchesRegularExpression('/Bell Buoy|Sounding Lead|Ballast|Keel|Red Bank|Groyne/', self::voice($plan, $task)->do());
            self::assertMatchesRegularExpression('/^\p{Lu}.*\.$/u', self::plain(self::voice($plan, $task)->why()), $task->kind->value);
            $kinds[$task->kind->value] = true;
        }
        self::assertCount(count(PlanTaskKind::cases()), $kinds, 'every kind has been read');
        $said = array_map(static fn (PlanTask $task): string => self::voice($plan, $task)->do(), PlanTasks::of($plan));
        self::assertContains('Bag the first buds of Ballast', $said);
        self::assertContains('Put the cage over Bell Buoy', $said);
    }

    public function test_what_is_worth_saying_is_said(): void
    {
        $plan = $this->draw()->plant('bell', 'squash-maxima', 0, 0, '2027-07-10', ['plants' => 12])->plant('lead', 'pea', 1, 0, '2027-07-01', ['plants' => 40])->plan();
        $said = array_map(fn ($remark): string => self::plain(self::words($plan)->remark($remark)), PlanRemarks::of($plan, GardenIsolation::of($plan)->courses));
        self::assertSame([
            'Bell Buoy: 12 plants for seed do not fit its spot; at 1.5 m apart it holds 1.',
            'Bell Buoy cannot ripen its seed before frost; the latest sowing that would is 15 June.',
            'Bell Buoy and Sounding Lead stand on the same ground at the same time.',
        ], $said);
    }

    public function test_a_cage_with_nothing_to_take_turns_with(): void
    {
        $plan = $this->draw()->plant('bell', 'squash-pepo', 0, 0, '2027-05-01', ['cover' => 'alternate', 'spot' => ['x' => 0, 'y' => 0, 'width' => 5, 'depth' => 5]])->plan();
        $said = array_map(fn ($remark): string => self::words($plan)->remark($remark), PlanRemarks::of($plan, GardenIsolation::of($plan)->courses));
        self::assertContains('The cage of Bell Buoy is to be opened in turn, but no other that it crosses with is: on the days it stands open it is as good as uncovered.', $said);
    }

    public function test_how_many_plants_it_takes(): void
    {
        $plan = $this->draw()->plant('bell', 'leek', 0, 0, '2027-03-10', ['plants' => 20, 'seeds_wanted' => 3000])->plant('lead', 'leek', 5, 0, '2027-03-10', ['purpose' => 'food'])->plan();
        self::assertSame(
            'The 3 000 seeds wanted take about 7 plants. 20 parents keep a form as rare as 1 gene in 20 with a chance of 85 %. 20 or more keep the variety as it is; the spot holds 32.',
            self::plain((string) self::words($plan)->enough($plan->plantings[0])),
        );
        self::assertNull(self::words($plan)->enough($plan->plantings[1]));
    }

    #[DataProvider('measures')]
    public function test_every_measure_is_said(Remedy $remedy, string $sentence): void
    {
        $plan = $this->draw()->plant('bell', 'squash-pepo', 0, 0)->plan();
        $words = new RemedyWords($plan, self::words($plan), ['bell' => 'L7 is good until 2031: it can wait.']);
        self::assertSame($sentence, self::plain($words->step($remedy)));
    }

    /** @return iterable<string, array{Remedy, string}> */
    public static function measures(): iterable
    {
        yield 'later' => [Remedy::shift('bell', 12), 'Sow Bell Buoy 12 days later, on 13 May.'];
        yield 'earlier' => [Remedy::shift('bell', -1), 'Sow Bell Buoy 1 day earlier, on 30 April.'];
        yield 'move' => [Remedy::move('bell', new Rectangle(12.25, 3, 2, 1)), 'Move Bell Buoy to 12.3 m from the left and 3 m from the top.'];
        yield 'cut' => [Remedy::cutFlowers('bell', 6), 'Cut every flower stalk of Bell Buoy before it opens: about 6 mornings of looking it over.'];
        yield 'bag' => [Remedy::bag('bell', 4), 'Bag flowers of Bell Buoy and pollinate by hand: about 4 mornings.'];
        yield 'alternate' => [Remedy::alternate('bell', 30), 'Cage Bell Buoy, opened in turn with the others: 30 evenings of changing over.'];
        yield 'cage' => [Remedy::cage('bell', 5), 'Cage Bell Buoy all through bloom and pollinate by hand: about 5 mornings.'];
        yield 'cage a selfer' => [Remedy::cage('bell', 0), 'Cage Bell Buoy all through bloom; it pollinates itself.'];
        yield 'leave out' => [Remedy::leaveOut('bell', 4), 'Leave Bell Buoy out this year. L7 is good until 2031: it can wait.'];
    }

    public function test_what_a_way_asks_in_all(): void
    {
        $plan = $this->draw()->plant('bell', 'squash-pepo', 0, 0)->plan();
        $words = new RemedyWords($plan, self::words($plan), []);
        self::assertSame('2 cages, 8 mornings or evenings of work, 1 variety put off a year.', self::plain($words->asks(new RemedyPlan([Remedy::cage('a', 4), Remedy::cage('b', 0), Remedy::bag('c', 4), Remedy::leaveOut('d', 5)], true))));
        self::assertSame('No cages and no extra mornings.', $words->asks(new RemedyPlan([Remedy::shift('a', 5)], true)));
        self::assertStringContainsString('may be a cheaper one', RemedyWords::sure(new RemedyPlan([], false)));
        self::assertStringContainsString('No cheaper set', RemedyWords::sure(new RemedyPlan([], true)));
    }

    public function test_what_stands_in_the_way_is_named_with_what_to_do(): void
    {
        $plan = $this->draw()->plant('bell', 'carrot', 0, 0, '2026-06-01')->source('n', 'wild-carrot', 32, 0, 300)->plan();
        $found = Remedies::find($plan, new RemedyPreferences(new DateTimeImmutable('2027-01-01'), 0, false, false, false, false, false));
        $words = new RemedyWords($plan, self::words($plan), []);
        self::assertSame(
            "Bell Buoy cannot be kept under 1 % by anything you allow: the neighbour's wild-carrot stands 30 m away. Allow a cage, bags or leaving it out, or allow it more crossing.",
            self::plain($words->obstacle($found->obstacles[0])),
        );
    }

    /** @return array<string, string> by planting */
    private function rotas(SeasonPlan $plan): array
    {
        $rotas = [];
        foreach (PlanTasks::of($plan) as $task) {
            if ($task->kind === PlanTaskKind::ChangeCages) {
                $rotas[$task->planting->id] = self::plain(self::voice($plan, $task)->why());
            }
        }

        return $rotas;
    }

    private function draw(): Drawing
    {
        return new Drawing(app(CropReference::class));
    }

    private const NAMES = ['bell' => 'Bell Buoy', 'lead' => 'Sounding Lead', 'ballast' => 'Ballast', 'keel' => 'Keel', 'bank' => 'Red Bank', 'groyne' => 'Groyne'];

    public function test_what_lives_on_others_is_sown_among_them(): void
    {
        $why = static fn (string $crop): string => self::plain((new PlanTaskVoice(PlanTaskKind::Sow, 'Clapper', app(CropReference::class)->get($crop), ['plants' => 40, 'purpose' => 'seed'], []))->why());
        self::assertSame('Yellow rattle, 40 plants for seed. It lives on others: fine grasses and clovers: it takes water and food from their roots, and dies without them.', $why('yellow-rattle'));
        self::assertSame('Pea, 40 plants for seed.', $why('pea'));
    }

    private static function voice(SeasonPlan $plan, PlanTask $task): PlanTaskVoice
    {
        return new PlanTaskVoice($task->kind, self::NAMES[$task->planting->id], $task->planting->crop, $task->figures, self::NAMES);
    }

    private static function words(SeasonPlan $plan): PlanWords
    {
        return new PlanWords($plan, self::NAMES);
    }

    private static function standing(SeasonPlan $plan, string $id): IsolationStanding
    {
        return GardenIsolation::of($plan)->standingOf($id) ?? self::fail("$id is not kept for seed.");
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
