<?php

declare(strict_types=1);

namespace Marrow\Core\Settings;

use Marrow\Core\Botany\CleaningWay;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\IsolationStandard;
use Marrow\Core\Cleaning\Sieve;
use Marrow\Core\Drying\DesiccantAtHand;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Germination\CountsAsUp;
use Marrow\Core\Germination\UsualTest;
use Marrow\Core\Isolation\Climate;
use Marrow\Core\Year\FrostComes;
use Marrow\Core\Year\YearTurn;

/**
 * Everything that a keeper can set, described once: what the garden is, how things are said, and the stated assumptions
 * where practitioners disagree. What the core goes by reaches it as Practice.
 */
final class SettingList
{
    /** @var array<string, FieldList>|null */
    private static ?array $sections = null;

    /** @var array<string, Field>|null */
    private static ?array $all = null;

    /** @return array<string, FieldList> by the heading they stand under */
    public static function sections(): array
    {
        return self::$sections ??= [
            'The garden' => FieldList::of(
                Field::number('latitude', 'Latitude', '°', -90, 90)->optional()->hint('As 51.2 or 34 S: south of the equator the handbook, the plot and plans go by seasons half a year on'),
                Field::number('longitude', 'Longitude', '°', -180, 180)->optional()->hint('As 6.1 or 58 W'),
                Field::yearDay('last_frost', 'Last frost in spring')->called('the last frost in spring')->optional('04-30')->hint('A plan begins with it; each plan can have its own'),
                Field::yearDay('first_frost', 'First frost in autumn')->called('the first frost in autumn')->optional('10-20'),
                Field::choice('frost', 'Frost comes', FrostComes::class)->optional(FrostComes::Yearly)->hint('Where it comes in few winters or never, sowing goes by the months below. Left as it is, between the tropics never'),
                Field::choice('warm_from', 'What likes warmth is sown from', self::MONTHS)->optional('may')->hint('Where frost does not say so: the rains, or when it is warm enough again'),
                Field::choice('cool_from', 'What likes it cool is sown from', self::MONTHS)->optional('november')->hint('Where frost does not say so: when the heat or the rains are over'),
                Field::number('coolest', 'The four coolest weeks, in the mean', '°C', -40, 35)->optional()->hint('By day and night together. By it is told what blooms only after a winter; left empty, a weather station’s year says it, or frost'),
                Field::text('time_zone', 'Time zone', 60)->optional('')->checked(self::mustBeZone(...))->hint('As Europe/London; left empty, the zone of the machine'),
            ),
            'How things are said' => FieldList::of(
                Field::choice('units', 'Units', ['metric' => 'metric: g, °C, m', 'us' => 'US: oz, °F, ft'])->optional('metric'),
                Field::choice('day_form', 'Days', ['words' => '14 September 2026', 'us' => 'September 14, 2026', 'numbers' => '14.09.2026', 'iso' => '2026-09-14'])->optional('words'),
                Field::choice('hour_form', 'Hours', ['h24' => '18:30', 'h12' => '6:30 pm'])->optional('h24'),
                Field::integer('calendar_hour', 'The calendar reminds at', 'o’clock', 0, 23)->optional()->hint('On the day of each piece of work; left empty, it does not'),
            ),
            'Isolation' => FieldList::of(
                Field::choice('isolation_standard', 'How far apart, to begin with', IsolationStandard::class)->optional(IsolationStandard::Careful),
                Field::choice('isolation_climate', 'Climate', Climate::class)->optional(Climate::Temperate),
            ),
            'Germination tests' => FieldList::of(
                Field::share('good', 'Sown as usual from', 0.5, 0.99)->optional(0.80),
                Field::share('poor', 'Not relied on below', 0.1, 0.9)->optional(0.60),
                Field::share('untested_share', 'Taken for seed never tested', 0.5, 0.99)->optional(0.95)->hint('What sound fresh seed usually gives'),
                Field::share('max_empty', 'Cells of a tray that may stay empty', 0.005, 0.3)->optional(0.05),
                Field::integer('plants', 'Plants to reckon sowing for', 'plants', 1, 1000)->optional(24)->of('plant'),
                Field::integer('fewest_to_test', 'Not tested below', 'seeds', 0, 1000)->optional(40)->of('seed')->hint('A test of fewer would eat the lot'),
                Field::integer('first_test_days', 'First test wanted within', 'days', 1, 730)->optional(28)->of('day')->hint('After seed was put away; dormant seed wants longer'),
                Field::choice('test_usual', 'A test is usually of', UsualTest::class)->optional(UsualTest::Fifty)->hint('Ten tell whether most come up, half, or hardly any, and cost little; a hundred tell it to within ten points, and whether the dishes agree'),
                Field::choice('counts_as_up', 'Up is counted when', CountsAsUp::class)->optional(CountsAsUp::Seedling)->hint('A root alone is seen days sooner, and in more seed than makes a sound plant; the rules of seed testing count sound seedlings'),
                Field::number('test_stale_years', 'A test says little after', 'years', 1, 20)->optional(3.0),
            ),
            'Choosing and picking' => FieldList::of(
                Field::choice('aim', 'A variety is', ['keep' => 'kept as it is', 'improve' => 'improved', 'mix' => 'let mix and find its own way'])->optional('improve')->hint('Kept as it is, only what is sick or off-type goes, and as many parents as can be give seed alike. Improved, the few best are parents, and something rare is lost with the others. Let mix, nothing but what is sick goes. Each planting can have its own'),
                Field::choice('pick_by', 'What sheds is', ['cut' => 'cut at once, on its best day', 'passes' => 'gathered in passes'])->optional('cut')->hint('One cut is a morning’s work and loses what is green and what has fallen; passes lose hardly any and cost a walk every few days'),
                Field::choice('fruit_stalk', 'The stalk of fruit that is to lie is', ['on' => 'left on', 'close' => 'cut close'])->optional('on')->hint('Left on, rot does not enter where it sat; cut close, it holds no water and does not bruise its neighbours'),
                Field::integer('fruit_look_days', 'Fruit on the shelf is looked over every', 'days', 1, 90)->optional(14)->of('day'),
                Field::choice('taste_first', 'Seed is kept of fruit', ['no' => 'tasted or not', 'yes' => 'that was tasted'])->optional('no')->hint('Tasted first, the line is chosen by what it is eaten for; not tasted, nothing is lost because nobody was hungry'),
            ),
            'Over the years' => FieldList::of(
                Field::integer('rota_years', 'The rota looks ahead', 'years', 3, 10)->optional(6)->of('year'),
                Field::number('rota_area', 'Ground for seed in a year', 'm²', 0, 1_000_000)->optional()->hint('What own seed may take of the beds; left empty, there is no limit. A single year can have its own, on the rota'),
                Field::number('rota_hours', 'Hours for seed in a year', 'h', 0, 10_000)->optional(),
                Field::integer('rota_cages', 'Cages and nets at hand', '', 0, 1000)->optional()->of('cage'),
                Field::number('rota_hour_price', 'An hour of work is worth a risk of', '', 0, 10)->optional(0.01)->hint('At 0.01 ten hours are spent to lower the loss of a line by ten points; at 0 work costs nothing'),
                Field::number('rota_growing_hours', 'A line grown for seed takes, each season', 'h', 0, 1000)->optional(4.0)->hint('Sowing, weeding, picking and cleaning; keeping it apart comes on top'),
                Field::number('rota_morning_hours', 'A morning by hand takes', 'h', 0, 24)->optional(0.5)->hint('Pollinating, bagging, changing cages over'),
                Field::share('rota_fails', 'Growings that give no usable seed', 0.0, 0.9)->optional(0.1)->hint('Weather, pests, a gate left open: one in ten is a fair guess'),
                Field::integer('rota_rest', 'Ground rests between kin', 'years', 0, 8)->optional(0)->of('year')->hint('Against what stays in the soil: a line waits until some bed has been so long without its family. Others go by compost and mixed beds, and leave it at 0'),
            ),
            'Cleaning' => FieldList::of(
                Field::choice('gel_school', 'Seed in gel', ['ferment' => 'fermented', 'rinse' => 'rubbed and rinsed at once', 'paper' => 'laid on paper, gel on'])->optional('ferment')->hint('A ferment takes off the gel, which holds seed back, and with it some of what makes seedlings sick. Rinsed at once it is done in an hour, never forgotten in its jar, and a rest of gel does little harm to seed that is sown soon. Laid on paper it is done at once and sown with its paper; it keeps its gel, dries slowly and cannot be winnowed or weighed'),
                Field::choice('ferment_cover', 'Jars that ferment stand', ['cloth' => 'under a cloth', 'open' => 'open', 'loose_lid' => 'under a loose lid'])->optional('cloth')->hint('Never tight: the gas bursts a jar. A cloth keeps flies out and lets it breathe; a loose lid is let off daily; open is quickest seen, and draws flies'),
                Field::choice('ferment_stir', 'Ferments are', ['left' => 'left alone', 'daily' => 'stirred daily'])->optional('left')->hint('Stirred daily no mould sits on top and the gel lets go evenly; left alone the mat on top keeps the air out and flies off, and nobody has to think of it'),
                Field::choice('floaters', 'Seed that floats is', ['thrown_out' => 'thrown out', 'apart' => 'kept apart and tried', 'kept' => 'kept with the rest'])->optional('thrown_out')->hint('Most that floats is empty. Of squash, pepper and whatever has dried a little, some that floats is good: where seed is scarce it is worth a test of its own'),
                Field::text('screens', 'My screens', 300)->called('your screens')->optional('')->checked(static fn (mixed $typed): array => Sieve::written(is_string($typed) ? $typed : ''))->hint('In mm, with commas between them: 1.5, 2.5, 4 for round holes, then slot 1.2, mesh 2 by the width between its wires or mesh 12/in by wires to the inch, kitchen fine. Worksheets then say which to take'),
                Field::choice('bench_rings', 'When something on the bench is due', ['silent' => 'it stands first on Today', 'ring' => 'and an open page rings'])->optional('silent')->hint('Only a page that stands open can ring; some browsers want it touched once before'),
            ),
            'Label printer' => FieldList::of(
                Field::text('label_printer', 'Its address', 260)->called('the address of the label printer')->optional('')->checked(static fn (mixed $typed): array => HostAddress::of(is_string($typed) ? $typed : '', 'label_printer', 'label printer'))->hint('As 192.168.1.40:9100; left empty, there is none. bin/label-printer stands in for one'),
                Field::number('label_width', 'Labels are wide', 'mm', 20, 300)->optional(62.0),
                Field::number('label_height', 'and high', 'mm', 15, 300)->called('the height of the labels')->optional(40.0),
            ),
            'Drying and storing' => FieldList::of(
                Field::integer('insect_days', 'Frozen against insects for', 'days', 1, 60)->optional(7)->of('day')->hint('Where the handbook knows no pest of the crop; at the temperature below or colder'),
                Field::number('insect_temperature', 'Frozen against insects at', '°C', -30, -5)->optional(-18.0),
                Field::number('packet_price', 'What a packet costs', '', 0, 1000)->optional()->hint('An envelope, pouch or bag; left empty, it is not reckoned'),
                Field::number('sachet_price', 'What a drying sachet costs', '', 0, 1000)->optional(),
                Field::number('label_price', 'What a label costs', '', 0, 1000)->optional(),
                Field::text('money', 'In', 10)->called('the money that is reckoned in')->optional('')->hint('As €, kr or $; said behind every cost'),
                Field::number('hygrometer_error', 'The hygrometer is right to within', '% RH', 0, 15)->optional(3.0)->hint('Nine readings in ten; over damp salt in a closed jar it should show 75 %. A forecast is as wide as this makes it'),
                Field::choice('dry_known_by', 'Dry enough is known by', ['weight' => 'its weight', 'jar' => 'a hygrometer in a jar', 'card' => 'a card in a jar', 'hand' => 'the hand'])->optional('weight')->hint('By weight it costs a scale and a minute, and tells how far it is; a jar or a card tells when it is there; the hand tells damp from dry, and nothing more'),
                Field::choice('dry_to', 'Seed is dried', ['jar' => 'for a jar that closes tight', 'paper' => 'as dry as the room makes it, and kept in paper'])->optional('jar')->hint('In a jar it keeps two or three times as long, if it is dry; damp it moulds in there. In paper it breathes, and nothing has to be known. On the page of each crop stands what it costs in years'),
                Field::choice('dry_gel', 'To dry it on', ['none' => 'air alone', 'gel' => 'gel in a closed jar'])->optional('none')->hint('Gel takes seed drier than any room, in a week or two, and has to be dried again; air costs nothing, and stops where the room does'),
                Field::choice('dry_out', 'Seed is spread', ['shade' => 'out of the sun', 'sun' => 'in the sun'])->optional('shade')->hint('In the sun it dries in days where summers are dry, and may get hotter than it bears; it is taken in before the dew'),
                Field::text('desiccants', 'My desiccants', 200)->called('your desiccants')->optional('')->checked(static fn (mixed $typed): array => DesiccantAtHand::written(is_string($typed) ? $typed : ''))->hint('Grams when dry, with commas between them: gel 300, cobalt gel 100, clay 200, rice 500, sachets 12 x 5. Worksheets then say how often to change it'),
                Field::number('steady_loss', 'Weight is steady below a loss a day of', '%', 0.1, 3)->optional(0.5),
                Field::number('room_temperature', 'Ordinary room, temperature', '°C', 5, 35)->optional(18.0)->hint('What seed of unknown keeping is taken to lie in'),
                Field::number('room_rh', 'Ordinary room, humidity', '% RH', 20, 90)->optional(50.0),
            ),
        ];
    }

    private const MONTHS = [
        'january' => 'January', 'february' => 'February', 'march' => 'March', 'april' => 'April', 'may' => 'May', 'june' => 'June', 'july' => 'July',
        'august' => 'August', 'september' => 'September', 'october' => 'October', 'november' => 'November', 'december' => 'December',
    ];

    /** Degrees. */
    private const TROPIC = 23.4;

    private const BETWEEN_THE_TROPICS = ['frost' => FrostComes::Never, 'isolation_climate' => Climate::Tropical];

    /** Settings that may be another for one crop. */
    private const BY_CROP = [...self::OF_GEL, ...self::OF_DRYING];

    private const OF_GEL = ['gel_school', 'ferment_cover', 'ferment_stir', 'floaters'];

    private const OF_DRYING = ['dry_known_by', 'dry_to', 'dry_gel', 'dry_out'];

    /** Sections and settings that bear on less than everything; what is not named here bears on all. */
    private const BEARS = [
        'How things are said' => BearsOn::Nothing,
        'Label printer' => BearsOn::Nothing,
        'Germination tests' => BearsOn::Lots,
        'Drying and storing' => BearsOn::Lots,
        'aim' => BearsOn::Nothing,
        'fruit_stalk' => BearsOn::Nothing,
        'pick_by' => BearsOn::Nothing,
        'Cleaning' => BearsOn::Nothing,
        'gel_school' => BearsOn::Lots,
        'ferment_stir' => BearsOn::Lots,
        'Isolation' => BearsOn::Nothing,
        'Over the years' => BearsOn::Nothing,
        'packet_price' => BearsOn::Nothing,
        'sachet_price' => BearsOn::Nothing,
        'label_price' => BearsOn::Nothing,
        'money' => BearsOn::Nothing,
        'max_empty' => BearsOn::Nothing,
        'test_usual' => BearsOn::Nothing,
        'counts_as_up' => BearsOn::Nothing,
        'time_zone' => BearsOn::Nothing,
        'longitude' => BearsOn::Nothing,
    ];

    public static function bearsOn(string $key): BearsOn
    {
        [$key] = self::keyed($key);
        if (isset(self::BEARS[$key])) {
            return self::BEARS[$key];
        }
        foreach (self::sections() as $title => $list) {
            if (isset($list->fields[$key])) {
                return self::BEARS[$title] ?? BearsOn::Everything;
            }
        }

        return BearsOn::Nothing;
    }

    /** @return array<string, Field> by key */
    public static function all(): array
    {
        return self::$all ??= array_merge([], ...array_values(array_map(static fn (FieldList $list): array => $list->fields, self::sections())));
    }

    /** What a setting is where nobody set it: frosts and months of a garden in the south lie half a year on, and between the tropics it never freezes. */
    public static function usual(string $key, ?float $latitude): mixed
    {
        $field = self::field($key);
        $usual = $field?->default;

        return match (true) {
            $field?->type === FieldType::YearDay && is_string($usual) => YearTurn::at($latitude)->dayHere($usual),
            $field?->options === self::MONTHS && is_string($usual) => array_keys(self::MONTHS)[YearTurn::at($latitude)->monthHere(self::month($usual)) - 1],
            $latitude !== null && abs($latitude) < self::TROPIC => self::BETWEEN_THE_TROPICS[$key] ?? $usual,
            default => $usual,
        };
    }

    /** @return int 1 to 12, of the month that a setting names */
    public static function month(string $named): int
    {
        return (int) array_search($named, array_keys(self::MONTHS), true) + 1;
    }

    /** @param  string  $key  of a setting, or of one as it is for a crop: floaters:pepper */
    public static function field(string $key): ?Field
    {
        [$of, $crop] = self::keyed($key);
        $field = self::all()[$of] ?? null;

        return $field === null || $crop === null ? $field : (in_array($of, self::BY_CROP, true) ? self::asOf($field, $crop) : null);
    }

    /**
     * What may be another for one crop, as it is asked there.
     *
     * @return FieldList of keys as field() takes them
     */
    public static function ofCrop(Crop $crop): FieldList
    {
        $keys = [...($crop->cleaning->way === CleaningWay::Ferment ? self::OF_GEL : []), ...($crop->bearsDrying() ? self::OF_DRYING : [])];

        return FieldList::of(...array_map(static fn (string $key): Field => self::asOf(self::all()[$key], $crop->key), $keys));
    }

    /** @return ?string the crop that a setting is of; null of one that is for all */
    public static function cropOf(string $key): ?string
    {
        return self::keyed($key)[1];
    }

    /** @return array{string, ?string} the setting, and the crop it is of */
    private static function keyed(string $key): array
    {
        $parts = explode(':', $key, 2);

        return [$parts[0], $parts[1] ?? null];
    }

    private static function asOf(Field $field, string $crop): Field
    {
        return Field::choice("$field->key:$crop", $field->label, ['' => 'as for every crop', ...$field->options])->optional('')->usually('')->hint($field->hint);
    }

    private static function mustBeZone(mixed $typed): void
    {
        if (is_string($typed) && ! in_array(trim($typed), \DateTimeZone::listIdentifiers(), true)) {
            throw Refused::at('time_zone', 'That is no time zone. Write it as Europe/London or America/New_York.');
        }
    }
}
