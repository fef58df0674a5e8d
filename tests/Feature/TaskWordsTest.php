<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Handbook\CropFiles;
use App\Models\DueTask;
use App\Voice\When;
use App\Work\SeenTask;
use App\Work\TaskVoices;
use DateTimeImmutable;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Folding\Settle;
use Marrow\Core\Lot\KeepingTask;
use Marrow\Core\Steps\Cellar\CellarTask;
use Marrow\Core\Steps\Choosing\ChoosingTask;
use Marrow\Core\Steps\Cleaning\CleaningTask;
use Marrow\Core\Steps\Drying\DesiccantTask;
use Marrow\Core\Steps\Drying\DryingTask;
use Marrow\Core\Steps\Drying\RackTask;
use Marrow\Core\Steps\Growing\GrowingTask;
use Marrow\Core\Steps\Pollinating\PollinatingTask;
use Marrow\Core\Steps\Ripening\RipeningTask;
use Marrow\Core\Steps\Sharing\SharingTask;
use Marrow\Core\Steps\Shelf\ShelfTask;
use Marrow\Core\Steps\Storing\StoringTask;
use Marrow\Core\Steps\Testing\TestingTask;
use Marrow\Core\Steps\Treating\TreatingTask;
use Marrow\Core\Steps\Trueness\TruenessTask;
use Marrow\Core\Things\Registered;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\TaskKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What each task says, and how that changes as its time comes and goes. */
final class TaskWordsTest extends TestCase
{
    /** @param  array<string, float|int|string|null>  $figures */
    #[DataProvider('tasks')]
    public function test_each_kind_says_what_to_do_and_why(TaskKind $kind, string $crop, array $figures, string $do, string $why): void
    {
        $words = $this->words($kind, $crop, '2026-09-13 10:00', '2026-09-14 12:00', '2026-09-17 06:00', $figures);
        $said = app(TaskVoices::class)->say($kind->value, $words);
        self::assertSame($do, self::plain($said->do));
        self::assertSame($why, self::plain($said->why));
    }

    /** @return iterable<string, array{TaskKind, string, array<string, float|int|string|null>, string, string}> */
    public static function tasks(): iterable
    {
        yield 'look over the shelf' => [ShelfTask::LookOver, 'squash-moschata', ['fruits' => 5, 'since' => '2026-09-01'], 'Look over 5 fruits on the shelf', 'Last looked at Tuesday 1 September. One that goes soft or leaks is opened or comes off; it says nothing of the others but that it kept badly.'];
        yield 'open fruit' => [ShelfTask::Open, 'squash-moschata', ['fruits' => 2, 'which' => '1, 3', 'states' => '', 'short' => 0], 'Open the fruits: 1, 3', 'Its seed is ripe by now; left longer it sprouts or rots with its fruit.'];
        yield 'open fruit that will not last' => [ShelfTask::Open, 'squash-moschata', ['fruits' => 1, 'which' => '2', 'states' => 'cracked', 'short' => 0], 'Open the fruit: 2', 'Soon, it will not last: cracked.'];
        yield 'open fruit before its seed is ripe' => [ShelfTask::Open, 'squash-moschata', ['fruits' => 1, 'which' => '2', 'states' => 'leaking', 'short' => 1], 'Open the fruit: 2', 'Soon, it will not last: leaking. Its seed may be thin yet; what is plump is good.'];
        yield 'take seed out of fruit' => [ShelfTask::TakeOut, 'squash-moschata', ['fruits' => 2, 'which' => '1, 3', 'taste' => 0], 'Take the seed out: fruit 1, 3', 'It is cut open, and seed that dries on in it is hard to clean.'];
        yield 'taste before seed is taken out' => [ShelfTask::TakeOut, 'squash-moschata', ['fruits' => 1, 'which' => '1', 'taste' => 1], 'Take the seed out: fruit 1', 'It is cut open. Taste it first, raw and cooked: here seed is kept of what was tasted.'];
        yield 'look again' => [RipeningTask::LookAgain, 'leek', ['cue' => 'Capsules begin to open', 'nearly' => 1, 'passes' => 0, 'which' => ''], 'Look again whether it is ripe', 'Capsules begin to open. Nearly ripe when it was last looked at.'];
        yield 'look again at marks' => [RipeningTask::LookAgain, 'leek', ['cue' => 'Capsules begin to open', 'nearly' => 0, 'passes' => 0, 'which' => '7, red wool'], 'Look again whether it is ripe: 7, red wool', 'Capsules begin to open. Not yet when it was last looked at.'];
        yield 'go over it again' => [RipeningTask::LookAgain, 'leek', ['cue' => 'Capsules begin to open', 'nearly' => 0, 'passes' => 1, 'which' => ''], 'Go over it again for ripe seed', 'Capsules begin to open. What has ripened since the last pass falls next.'];
        yield 'pick what sheds' => [RipeningTask::PickReady, 'leek', ['which' => '7', 'sheds' => 1, 'wet' => 0], 'Pick what is ready: 7', 'Ripe seed falls by itself: in the dew of the morning less of it does, a sheet or bag below.'];
        yield 'pick fruit' => [RipeningTask::PickReady, 'tomato', ['which' => '', 'sheds' => 0, 'wet' => 1], 'Pick what is ready', 'From several plants, the early before the late, and none that is sick.'];
        yield 'net' => [RipeningTask::Guard, 'sunflower', ['how' => 'net'], 'Net it against birds', 'They take the seed as it ripens; a net, or bags over the heads, before the first is ripe.'];
        yield 'bag' => [RipeningTask::Guard, 'artichoke', ['how' => 'cloth_bag'], 'Tie its heads into bags', 'Ripe seed is off with the wind: gauze bags over the heads once they have faded.'];
        yield 'pick' => [GrowingTask::Pick, 'pea', ['cue' => 'Pods brown', 'days_min' => 90, 'days_max' => 130], 'Look for ripe seed', 'Pods brown. Ripe seed is usual 90 to 130 days after sowing, which is Sunday 13 September to Thursday 17 September.'];
        yield 'judge off-types' => [TruenessTask::JudgeOffTypes, 'leek', ['off' => 1, 'seen' => 30], 'Say what the off-type was', '1 of 30 plants looked over differed. That is a suspicion: a cross of the year before, or a stray seed? Until you say, it counts against the line.'];
        yield 'shut flowers' => [PollinatingTask::Shut, 'squash-pepo', ['to_do' => 5, 'wanted' => 3, 'took' => 1], 'Shut flowers for tomorrow: 5 flowers still to do', '1 of 3 wanted has taken so far, at the take that is usual here.'];
        yield 'pollinate what is shut' => [PollinatingTask::Pollinate, 'squash-pepo', ['shut' => 2, 'males' => 4, 'where' => 'plant 2'], 'Pollinate the 2 flowers that are shut', 'Open from dawn for one morning; by ten it is over. Plant 2.'];
        yield 'pollinate what opens early' => [PollinatingTask::Pollinate, 'melon', ['to_do' => 1, 'wanted' => 3, 'took' => 2], 'Pollinate by hand: 1 flower still to do', '2 of 3 wanted have taken so far, at the take that is usual here.'];
        yield 'look whether it took' => [PollinatingTask::LookAtSet, 'squash-pepo', ['undecided' => 2], 'See whether 2 flowers took', 'What took swells within days; what did not drops. Take off tape that is still on.'];
        yield 'start ferment' => [CleaningTask::StartFerment, 'tomato', ['rest_min' => 0, 'rest_max' => 7], 'Put the seed to ferment', 'Ripe fruit keeps 7 days; after that it rots and seed may sprout in it.'];
        yield 'wash' => [CleaningTask::Wash, 'squash-pepo', ['rest_min' => 20, 'rest_max' => 90], 'Take the seed out and rinse it', 'Picked squash and courgette seed goes on ripening in the fruit for 20 to 90 days; after that fruit rots and seed may sprout in it.'];
        yield 'thresh' => [CleaningTask::Thresh, 'leek', ['rest_min' => 14, 'rest_max' => 60], 'Thresh it', 'It threshes clean when it is brittle, 14 to 60 days after picking under cover; later it sheds, and mice find it.'];
        yield 'pour off' => [CleaningTask::PourOff, 'tomato', ['temperature' => 24, 'typical_hours' => 58.5, 'latest_hours' => 117.0], 'Pour off before Thursday 17 September 06:00', 'At 24 °C the gel lets go after about 59 h, and by 117 h seed may sprout. Look at it from yesterday 10:00: a skin of mould, and seed that sinks.'];
        yield 'call back' => [SharingTask::CallBack, 'leek', ['to' => 'Tove', 'given' => '2026-03-01', 'seeds' => 40, 'grams' => null, 'sure' => 1], 'Tell Tove that it is crossed', 'Tove had 40 seeds of it on 1 March 2026: what is grown from it is not what it was given for.'];
        yield 'call back what may be' => [SharingTask::CallBack, 'leek', ['to' => 'Tove', 'given' => '2026-03-01', 'seeds' => 40, 'grams' => null, 'sure' => 0], 'Tell Tove that it may be crossed', 'Tove had 40 seeds of it on 1 March 2026: another lot of the same bloom turned out crossed.'];
        yield 'call back by weight' => [SharingTask::CallBack, 'leek', ['to' => 'Tove', 'given' => '2026-03-01', 'seeds' => null, 'grams' => 1.5, 'sure' => 1], 'Tell Tove that it is crossed', 'Tove had 1.5 g of it on 1 March 2026: what is grown from it is not what it was given for.'];
        yield 'take in' => [RackTask::TakeIn, 'lettuce', [], 'Take it in before the dew', 'What lies out at night takes up again what it lost by day, and rain undoes a week. Ants carry small seed off, mice large: under a roof, and covered.'];
        yield 'turn wet seed' => [RackTask::Turn, 'tomato', ['dry_by' => '2026-09-15 09:00'], 'Turn and part it', 'Wet seed that lies on other wet seed heats, sprouts and moulds. Dry to the touch by tomorrow 09:00: no two touching, a tea-spoon to a filter, a fan if you have one.'];
        yield 'try by hand' => [DryingTask::TryByHand, 'pea', [], 'Try it by hand', 'A pea shatters under a hammer; it does not squash. The hand tells damp from dry, and hardly dry from dry enough.'];
        yield 'read a card' => [DryingTask::ReadCard, 'pea', ['dry_from' => '2026-09-15', 'dry_by' => '2026-09-18', 'dry_to' => null, 'place' => 'the Attic'], 'Close it in a jar with a card for a day, and read that', 'A card says how damp the air is that the seed makes: 35 % or less is dry enough. Dry by about Friday 18 September in the air of the Attic (Tuesday 15 September in drier air, never in damper).'];
        yield 'dry by hand' => [DryingTask::DryByHand, 'pea', ['jar_moisture' => 9.3], 'Into paper, or into a closed jar for a day: look for mist', 'By hand it is dry. That is enough for paper and cloth; whether it is for a jar (9.3 % or less) no hand tells.'];
        yield 'too damp here' => [DryingTask::TooDampHere, 'pea', ['rh' => 0.62, 'stops_at' => 13.4, 'jar_moisture' => 9.3, 'place' => 'Kitchen', 'mass' => 400.0], 'Dry it somewhere drier, or on with gel', 'At 62 % RH Kitchen stops at 13.4 %; 9.3 % or less is wanted for a jar. What would help: 100 g of dry silica gel in a closed jar with it (or 290 g of rice, baked dry), a room below 35 % RH, or warmer air (35 °C at the most). In paper or cloth it keeps as it is. Gel that is blue when dry is poisonous: keep it off seed for eating.'];
        yield 'too damp here, with little gel' => [DryingTask::TooDampHere, 'pea', ['rh' => 0.62, 'stops_at' => 13.4, 'jar_moisture' => 9.3, 'place' => null, 'mass' => 400.0, 'has' => 'gel', 'has_g' => 40.0, 'has_blue' => 0], 'Dry it somewhere drier, or on with gel', 'At 62 % RH this room stops at 13.4 %; 9.3 % or less is wanted for a jar. What would help: 100 g of dry silica gel in a closed jar with it (of the 40 g you have that is 3 fills, dried again in between), a room below 35 % RH, or warmer air (35 °C at the most). In paper or cloth it keeps as it is.'];
        yield 'too damp here, with sachets' => [DryingTask::TooDampHere, 'pea', ['rh' => 0.62, 'stops_at' => 13.4, 'jar_moisture' => 9.3, 'place' => null, 'mass' => 40.0, 'has' => 'gel', 'has_g' => 60.0, 'has_blue' => 0, 'has_sachet' => 5.0], 'Dry it somewhere drier, or on with gel', 'At 62 % RH this room stops at 13.4 %; 9.3 % or less is wanted for a jar. What would help: 10 g of dry silica gel in a closed jar with it (2 sachets of yours), a room below 35 % RH, or warmer air (35 °C at the most). In paper or cloth it keeps as it is.'];
        yield 'change the desiccant' => [DesiccantTask::Change, 'pea', ['kind' => 'rice', 'grams' => 100.0, 'ends_at' => 11.2, 'enough' => 9.3], 'Change the desiccant in its jar', 'It has taken most of what it will: with that in it the seed stops at 11.2 %, and 9.3 % or less is wanted. Bake rice again at 150 to 180 °C for three quarters of an hour, until it smells of toast; let it cool in a closed jar. It holds a third of what gel does.'];
        yield 'look into its jar' => [DesiccantTask::LookIn, 'pea', ['kind' => 'gel', 'ends_at' => 6.4, 'enough' => 9.3], 'Take the desiccant out and read the jar after a day', 'By the reckoning it is at about 9.3 % now: weigh it or read its jar, and put it away. Left in, the desiccant takes it on to 6.4 %.'];
        yield 'look into a jar of which nothing is known' => [DesiccantTask::LookIn, 'pea', ['kind' => 'gel', 'ends_at' => null], 'Take the desiccant out and read the jar after a day', 'How far it is cannot be reckoned: its weight, its moisture or the weight of the desiccant is not known. With the desiccant in the air of the jar says nothing of the seed.'];
        yield 'stir' => [CleaningTask::Stir, 'tomato', ['lid' => 0], 'Stir it', 'What floats on top moulds first; stirred under, the gel lets go evenly.'];
        yield 'let off a lid' => [CleaningTask::Stir, 'tomato', ['lid' => 1], 'Let off its lid and stir', 'It makes gas: under a lid that is not let off the jar bursts.'];
        yield 'turn' => [CleaningTask::Turn, 'lettuce', ['kept' => 'sheet'], 'Turn it over', 'What lies thick heats and moulds. What falls meanwhile is of this lot: catch it, and look for mice.'];
        yield 'turn a windrow' => [CleaningTask::Turn, 'lettuce', ['kept' => 'windrow'], 'Turn it over', 'What lies thick heats and moulds. In a windrow no longer than two days, and in before rain.'];
        yield 'out of the water' => [CleaningTask::LiftOut, 'squash-pepo', ['temperature' => 28, 'most_hours' => 13.8], 'Take it out of the water before Thursday 17 September 06:00, or it sprouts', 'At 28 °C it has drunk itself full after about 14 h. Rub it clean, rinse it, and spread it the same hour.'];
        yield 'rinse' => [CleaningTask::Rinse, 'tomato', [], 'Rinse it now and spread it', 'Once water has been added the gel no longer holds the seed back: left standing it sprouts.'];
        yield 'winnow' => [CleaningTask::Winnow, 'leek', [], 'Winnow it', 'Chaff holds damp and mites, and seed mass means nothing with it in.'];
        yield 'spread wet' => [DryingTask::SpreadWet, 'tomato', [], 'Spread it to dry, one layer thick', 'Wet seed heaped overnight heats and sprouts; thin and in moving air it is dry to the touch in two days.'];
        yield 'spread dry' => [DryingTask::SpreadDry, 'leek', [], 'Put it on the racks to dry', 'Threshed seed feels dry and is not: a week or two in moving air brings it down.'];
        yield 'sow fresh' => [DryingTask::SowFresh, 'wild-rice', ['days' => 244], 'Sow it at once; until then keep it damp and cool', 'Wild rice dies when it dries: no rack, no jar. In cold water, changed now and then at 1 °C to 4 °C it lives for about 244 days after picking.'];
        yield 'cure' => [DryingTask::Cure, 'garlic', [], 'Put it in store', 'Curing: Two to four weeks airy, dry and shaded, tops on.'];
        yield 'lift what is kept alive' => [GrowingTask::Lift, 'garlic', ['cue' => 'The lower third of the leaves is brown', 'lies' => 1], 'Lift it', 'The lower third of the leaves is brown. That is usually from Sunday 13 September to Thursday 17 September.'];
        yield 'take cuttings' => [GrowingTask::Lift, 'perennial-kale', ['cue' => 'Side shoots are as long as a hand', 'lies' => 0], 'Take cuttings of it', 'Side shoots are as long as a hand. That is usually from Sunday 13 September to Thursday 17 September.'];
        yield 'look over what is kept' => [CellarTask::LookOver, 'potato', ['rotten' => 0, 'sprouted' => 0, 'spreading' => 0], 'Look over what is kept, and throw out what rots', 'One that rots takes its neighbours with it; once in 28 days is enough. What is still sound when it is planted is what the line is chosen by.'];
        yield 'look again after rot' => [CellarTask::LookOver, 'potato', ['rotten' => 4, 'sprouted' => 0, 'spreading' => 1], 'Look over what is kept, and throw out what rots', '4 rotted by the last look: what lay beside them may follow, so the next comes after 14 days.'];
        yield 'plant what is kept alive' => [KeepingTask::PlantAgain, 'garlic', ['keeps_min' => 6.0, 'keeps_max' => 9.0], 'Plant it', 'It is kept alive, and keeps 6 to 9 months. Plant the soundest: so the line is chosen by how it keeps.'];
        yield 'dry what was bathed' => [TreatingTask::DryBathed, 'cabbage', [], 'Spread it to dry at once, one layer thick', 'It is wet from its bath: heaped, it heats and sprouts.'];
        yield 'test when it is awake' => [KeepingTask::TestFirst, 'lettuce', ['sleeps_until' => '2026-10-27'], 'Test how it germinates', 'Never tested yet. Fresh seed of it commonly sleeps until about October 2026: before that a test says little.'];
        yield 'test again when it is awake' => [KeepingTask::TestFirst, 'lettuce', ['sleeps_until' => '2026-10-27', 'slept' => 1], 'Test it again when it is awake', 'It was tested while fresh seed of it sleeps: what did not come up may be alive.'];
        yield 'weigh, moisture known' => [DryingTask::Weigh, 'pepper', ['moisture' => 14.62, 'jar_moisture' => 8.5, 'target_mass' => 19.21, 'mass' => 20.6], 'Weigh it again', 'It was at 14.6 %; it may be jarred at 8.5 %, which is when it weighs 19.2 g.'];
        yield 'weigh, only a weight' => [DryingTask::Weigh, 'pepper', ['target_mass' => null, 'mass' => 20.6], 'Weigh it again', 'It weighed 20.6 g; when the weight stops falling it is as dry as the room will make it.'];
        yield 'weigh for the first time' => [DryingTask::Weigh, 'pepper', ['target_mass' => null, 'mass' => null], 'Weigh it again', 'A first weight gives the course something to fall from.'];
        yield 'read a jar' => [DryingTask::ReadJar, 'pea', [], 'Close a sample in a jar with a hygrometer for a day', 'Its weight has stopped falling, so it is in balance with the room. Only the humidity it gives a closed jar says how dry that is.'];
        yield 'put away, with what breeds on in store' => [DryingTask::PutAway, 'french-bean', ['moisture' => 9.0, 'jar_moisture' => 9.4], 'Put it away', 'At 9.0 % it is dry enough to close in tight (9.4 % or less is); left out, it takes up damp again. Bean weevil (Acanthoscelides obtectus): 7 days at −18 °C end it: in a closed jar, the seed below 12.0 % first, and thawed before the jar is opened.'];
        // By R: 2.300 g of water, over 0.175 g/g of gel and 0.0625 g/g of rice.
        yield 'stopped' => [DryingTask::Stopped, 'onion', ['moisture' => 10.8, 'mass' => 100.0], 'Dry it somewhere drier, or put it into paper', 'It has stopped at 10.8 %: in balance with air of about 55 % RH, and 8.7 % or less is dry enough for a jar. What would help: 13 g of dry silica gel in a closed jar with it (or 37 g of rice, baked dry), a room below 35 % RH, or warmer air (30 °C at the most). In paper or cloth it keeps as it is. Gel that is blue when dry is poisonous: keep it off seed for eating.'];
        yield 'put away' => [DryingTask::PutAway, 'pepper', ['moisture' => 8.31, 'jar_moisture' => 8.5], 'Put it away', 'At 8.3 % it is dry enough to close in tight (8.5 % or less is); left out, it takes up damp again.'];
        yield 'pull what is struck out' => [ChoosingTask::PullStruckOut, 'kale', ['plants' => 2, 'which' => '3, 7'], 'Pull what is struck out before it blooms: 2 plants', 'Plants 3, 7: in bloom its pollen is in the seed of all the others.'];
        yield 'first count' => [TestingTask::CountTest, 'onion', ['day' => 6, 'first_count' => 6, 'last_count' => 12, 'undecided' => 50], 'Count the seedlings: day 6', 'Day 6 is the first count for onion.'];
        yield 'a later count' => [TestingTask::CountTest, 'onion', ['day' => 8, 'first_count' => 6, 'last_count' => 12, 'undecided' => 1, 'settled' => 0], 'Count the seedlings: day 8', '1 seed still undecided; the last count is on day 12.'];
        yield 'a count of what is settled' => [TestingTask::CountTest, 'onion', ['day' => 12, 'first_count' => 6, 'last_count' => 12, 'undecided' => 3, 'settled' => 1], 'Count the seedlings: day 12', '3 seeds still undecided; the last count is on day 12. What it will say is as good as settled: nobody need look before.'];
        yield 'out of the fridge' => [TestingTask::WarmTest, 'onion', ['chilled' => 28], 'Take the test out of the cold', 'It was to lie damp and cold for 28 days. Its days are counted from then on.'];
        yield 'wet daily' => [TestingTask::WetTest, 'onion', ['every' => 1], 'Look whether the test is damp', 'Laid out so, it wants a look a day: damp, with no water standing.'];
        yield 'wet every third day' => [TestingTask::WetTest, 'onion', ['every' => 3], 'Look whether the test is damp', 'Laid out so, it wants a look every 3 days: damp, with no water standing.'];
        yield 'end of a test' => [TestingTask::EndTest, 'onion', ['day' => 12, 'last_count' => 12, 'undecided' => 7], 'End the test', 'Day 12 was the last count for onion; what has not come up counts as dead.'];
        yield 'end of a decided test' => [TestingTask::EndTest, 'onion', ['day' => 9, 'last_count' => 12, 'undecided' => 0], 'End the test', 'Every seed has been decided.'];
        yield 'open a damp jar' => [StoringTask::OpenDampJar, 'broad-bean', ['moisture' => 15.48, 'rh' => 0.78, 'damp' => 'rots', 'cool' => 0], 'Open it and spread the seed again', 'It went in at 15.5 %: the air in there is at about 78 % RH. Shut in so damp, seed moulds or sprouts within days to weeks. Paper or cloth would do until it is dry.'];
        yield 'open a damp jar in the cold' => [StoringTask::OpenDampJar, 'broad-bean', ['moisture' => 14.2, 'rh' => 0.7, 'damp' => 'moulds', 'cool' => 1, 'ground' => 'carried'], 'Let it grow warm shut, then open it and spread the seed again', 'It took up the air it was kept in before, and went in at about 14.2 %: the air in there is at about 70 % RH. Shut in so damp, seed moulds: slowly in the cold, within weeks once it is warm. Paper or cloth would do until it is dry.'];
        yield 'out of the cold' => [StoringTask::TakeOutOfCold, 'pea', ['container' => 'glass jar', 'containers' => 1, 'place' => 'Freezer'], 'Take it out of the cold, and leave it shut', 'The glass jar was in Freezer long enough for what eats the seed to be dead. Shut until it is as warm as the room, or water settles on the seed.'];
        yield 'leave it shut' => [StoringTask::LeaveShut, 'pea', ['until' => '2026-09-14 12:20', 'container' => 'glass jar', 'place' => 'Kitchen'], 'Leave it shut until today 12:20', 'The glass jar came out of the cold into the air of Kitchen: until it is warmer than the dew point, water settles on whatever is opened.'];
        yield 'read a stored jar' => [StoringTask::ReadStoredJar, 'pea', [], 'Put a hygrometer in and read it after a day', 'Nothing says how dry this seed went in. A day in the closed jar with a hygrometer tells.'];
        yield 'test again, chilled' => [KeepingTask::TestFirst, 'cowslip', ['slept' => 1, 'wants_cold' => 1], 'Test it again, chilled first', 'It was tested without its weeks damp and cold, as far as anybody said: what did not come up may be alive.'];
        yield 'tested in parts' => [KeepingTask::TestFirst, 'pea', ['slept' => 0, 'wants_cold' => 0, 'parts' => 1], 'Test how it germinates', 'Only parts of it were tested, side by side: how much of all of it is alive nobody knows yet.'];
        yield 'test for the first time' => [KeepingTask::TestFirst, 'pea', [], 'Test how it germinates', 'It has never been tested: nobody knows yet how much of it is alive.'];
        yield 'test again' => [KeepingTask::TestAgain, 'onion', ['tested' => '2025-02-10', 'may_fall' => '2026-11-02', 'threshold' => 0.7], 'Test it again', 'Last tested February 2025; it may have fallen to 70 % by November 2026.'];
        yield 'settle' => [Settle::Settle, 'onion', ['entries' => 1], 'Settle an entry that does not fit', 'It is kept in the journal, but nothing is reckoned from it until it fits: record what is missing, or strike or correct what is wrong.'];
        yield 'grow out' => [KeepingTask::GrowOut, 'onion', ['tested_poor' => 0, 'good_until' => '2026-09-17', 'likely_until' => '2027-11-02', 'threshold' => 0.7, 'sow_until' => '2027-04-30'], 'Grow it out: sow it by 30 April 2027', 'It is to be counted on for 70 %, the least that is worth passing on, until September 2026; more likely it lasts until about November 2027. What is picked from it renews the line.'];
    }

    public function test_every_kind_has_its_words_and_its_label(): void
    {
        $said = array_unique(array_map(static fn (array $case): string => $case[0]->value, array_values(iterator_to_array(self::tasks()))));
        self::assertEqualsCanonicalizing(array_map(static fn (TaskKind $kind): string => $kind->value, Registered::taskKinds()), array_values($said));
        foreach ($said as $kind) {
            self::assertLessThanOrEqual(20, mb_strlen(app(TaskVoices::class)->label($kind)), 'it must fit the belt');
        }
    }

    #[DataProvider('moments')]
    public function test_a_ferment_as_its_time_comes_and_goes(string $now, string $state, bool $alarm, string $do, string $timing): void
    {
        $words = $this->words(
            CleaningTask::PourOff,
            'tomato',
            '2026-09-14 00:00',
            '2026-09-14 19:00',
            '2026-09-17 06:00',
            ['temperature' => 24, 'typical_hours' => 58, 'latest_hours' => 117],
            $now,
        );
        self::assertSame($state, $words->state());
        self::assertSame($alarm, $words->isAlarm());
        self::assertSame($do, self::plain(app(TaskVoices::class)->say('pour_off', $words)->do));
        self::assertSame($timing, self::plain($words->timing()));
    }

    /** @return iterable<string, array{string, string, bool, string, string}> */
    public static function moments(): iterable
    {
        yield 'the day before' => ['2026-09-13 10:00', 'ahead', false, 'Pour off before Thursday 17 September 06:00', 'in 1 day'];
        yield 'the day itself' => ['2026-09-14 10:00', 'now', false, 'Pour off before Thursday 17 September 06:00', 'best in 9 hours'];
        yield 'at the hour' => ['2026-09-14 19:20', 'now', false, 'Pour off before Thursday 17 September 06:00', 'now'];
        yield 'a day later' => ['2026-09-15 20:00', 'now', false, 'Pour off before Thursday 17 September 06:00', 'wanted since yesterday evening'];
        yield 'the last day' => ['2026-09-16 10:00', 'now', true, 'Pour off before tomorrow 06:00', 'wanted since Monday'];
        yield 'too late' => ['2026-09-17 09:00', 'late', true, 'Pour off at once', 'overdue since this morning'];
    }

    public function test_what_only_waits_is_never_an_alarm(): void
    {
        $weigh = $this->words(DryingTask::Weigh, 'pea', '2026-09-01 10:00', '2026-09-02 10:00', null, ['target_mass' => null, 'mass' => 5.0]);
        self::assertSame('now', $weigh->state());
        self::assertFalse($weigh->isAlarm());
        $growOut = $this->words(KeepingTask::GrowOut, 'pea', '2025-09-01', '2026-03-01', '2026-08-01', ['tested_poor' => 1, 'good_until' => '2026-08-01', 'threshold' => 0.8]);
        self::assertSame('late', $growOut->state());
        self::assertSame('Grow it out now, sowing thickly', app(TaskVoices::class)->say('grow_out', $growOut)->do);
        self::assertFalse($growOut->isAlarm(), 'a season is not a day');
    }

    public function test_fruit_that_still_rests_is_not_yet_to_be_cleaned(): void
    {
        $words = $this->words(CleaningTask::Wash, 'squash-pepo', '2026-10-01', '2026-10-08', '2026-12-01', ['rest_min' => 20, 'rest_max' => 90]);
        self::assertSame('Let the fruit rest, then take the seed out', app(TaskVoices::class)->say('wash', $words)->do);
        self::assertSame('ahead', $words->state());
    }

    /** @param  array<string, float|int|string|null>  $figures */
    private function words(TaskKind $kind, string $crop, string $opens, string $best, ?string $latest, array $figures, string $now = '2026-09-14 10:00'): SeenTask
    {
        $moment = static fn (string $at): string => (new DateTimeImmutable($at))->format('Y-m-d H:i:s');
        $task = new DueTask([
            'kind' => $kind->value,
            'opens_at' => $moment($opens),
            'best_at' => $moment($best),
            'latest_at' => $latest === null ? null : $moment($latest),
            'loss' => ($latest === null || $kind instanceof KeepingTask ? Loss::Nothing : Loss::Seed)->value,
            'figures' => json_encode($figures, JSON_THROW_ON_ERROR),
        ]);

        $of = CropFiles::load(base_path('core/data/crops'))->get($crop);

        return new SeenTask($task, $of->name, static fn (): Crop => $of, new When(new DateTimeImmutable($now)));
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
