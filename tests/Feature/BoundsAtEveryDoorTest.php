<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Voice\UnitSystem;
use App\Words\ReckonerWords;
use Illuminate\Contracts\Console\Kernel;
use Marrow\Core\Fields\Field;
use Marrow\Core\Reckoning\Registry;
use Marrow\Core\Tests\Reckoning\BoundsTest;
use Symfony\Component\Console\Output\BufferedOutput;
use Tests\TestCase;

/** Every bound of every input, at the command and in the application; the core's own test has it for PHP. */
final class BoundsAtEveryDoorTest extends TestCase
{
    public function test_the_command_refuses_with_one_line_that_names_the_bound(): void
    {
        foreach (BoundsTest::beyond() as $what => [$name, $inputs, $key]) {
            $figures = [];
            foreach ($inputs as $input => $value) {
                $figures[] = $input.'='.self::typed($value);
            }
            $output = new BufferedOutput;
            $exit = app(Kernel::class)->call('marrow:reckon', ['reckoning' => $name, 'figures' => $figures], $output);
            $said = trim($output->fetch());
            self::assertSame(1, $exit, $what);
            self::assertStringContainsString(str_replace("\u{00A0}", ' ', self::input($name, $key)->bounds()), str_replace("\u{00A0}", ' ', $said), $what);
            self::assertStringNotContainsString("\n", $said, $what);
        }
    }

    public function test_the_application_refuses_at_the_input_in_the_units_it_was_typed_in(): void
    {
        foreach (BoundsTest::beyond() as $what => [$name, $inputs, $key]) {
            $typed = array_map(self::typed(...), $inputs);
            $said = $this->getJson("/api/reckonings/$name?".http_build_query(['inputs' => $typed]))->assertStatus(422)->json("errors.$key.0");
            self::assertIsString($said, $what);
            self::assertStringContainsString(ReckonerWords::bounds(self::input($name, $key), UnitSystem::Metric), $said, $what);
        }
    }

    public function test_the_bound_itself_is_taken_in_either_units(): void
    {
        foreach (BoundsTest::at() as $what => [$name, $inputs]) {
            $typed = array_map(self::typed(...), $inputs);
            $answer = $this->getJson("/api/reckonings/$name?".http_build_query(['inputs' => $typed]));
            // An extreme figure may not go with the others, and then a reason is due; it must never be a fault.
            self::assertContains($answer->status(), [200, 422], "$what: ".$answer->content());
            if ($answer->status() === 200) {
                self::assertNotSame('', $answer->json('judgement.sentence'), $what);
            }
        }
    }

    private static function typed(mixed $value): string
    {
        if (! is_array($value)) {
            return is_scalar($value) ? (string) $value : '';
        }

        return implode(is_array($value[0] ?? null) ? ';' : ',', array_map(self::typed(...), $value));
    }

    private static function input(string $name, string $key): Field
    {
        foreach (app(Registry::class)->named($name)->inputs as $input) {
            if ($input->key === $key) {
                return $input;
            }
        }
        self::fail("$name has no $key.");
    }
}
