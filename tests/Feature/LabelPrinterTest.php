<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Settings\HostAddress;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Labels that go to a printer on the network; the stand-in that ships with Marrow takes them, and Ghostscript draws them. */
final class LabelPrinterTest extends TestCase
{
    private const SIDE = 29;

    private string $folder;

    private ?Process $printer = null;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = dirname($this->database).'/labels-'.bin2hex(random_bytes(4));
    }

    protected function tearDown(): void
    {
        $this->printer?->stop(2);
        (new Filesystem)->deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_what_is_drawn_is_the_tag_with_its_mark_square_by_square(): void
    {
        $lot = (new Keeper($this))->storedTomato();
        $this->printer();
        $this->prints($lot, 'outside')->assertOk()->assertJsonPath('waits', false)->assertJsonPath('title', "1\u{00A0}label: L1");
        $script = $this->printed();
        [$width, $height, $pixels] = self::drawn($script);
        // 62 by 40 mm at 203 dots to the inch.
        self::assertSame([496, 320], [$width, $height]);
        $each = 20 / 25.4 * 203 / self::SIDE;
        foreach (self::squares() as $row => $line) {
            foreach (str_split($line) as $column => $dark) {
                $x = (int) round($width - (2 + 20) / 25.4 * 203 + ($column + 0.5) * $each);
                $y = (int) round(2 / 25.4 * 203 + ($row + 0.5) * $each);
                self::assertSame($dark === '1', ord($pixels[$y * $width + $x]) < 128, "square $row, $column");
            }
        }
        $text = self::text($script);
        foreach (['L1', 'Sluice Gate 2026', 'Tomato', 'Germination: not tested', 'Holds: 3 600 seeds, 10.8 g'] as $line) {
            self::assertStringContainsString($line, $text);
        }
    }

    public function test_each_tag_is_a_label_of_its_own(): void
    {
        $this->lay('marrow:demo');
        $this->printer();
        $this->postJson('/api/print-jobs', ['id' => (string) Str::uuid7(), 'codes' => 'L2,L4', 'sorts' => 'outside,packet', 'squares' => $this->marks('codes=L2,L4')])->assertOk();
        self::assertSame(8, substr_count($this->printed(), "\nshowpage"));
    }

    public function test_a_printer_that_does_not_answer_leaves_the_labels_waiting_and_they_go_when_it_does(): void
    {
        $lot = (new Keeper($this))->storedTomato();
        $port = self::freePort();
        $this->putJson('/api/settings/label_printer', ['value' => "127.0.0.1:$port"])->assertOk();
        $id = (string) Str::uuid7();
        $this->prints($lot, 'outside', $id)->assertOk()->assertJsonPath('waits', true)
            ->assertJsonPath('said', "The printer at 127.0.0.1:$port does not answer. The labels wait; they are sent again while this page is open.");
        $this->postJson("/api/print-jobs/$id/send")->assertOk()->assertJsonPath('waits', true);
        $this->printer($port);
        // What stands on it is what stood on it when it was asked for.
        (new Keeper($this))->records($lot, 'withdrawn', '2026-09-12', ['purpose' => 'gift', 'seeds' => 600]);
        $this->postJson("/api/print-jobs/$id/send")->assertOk()->assertJsonPath('waits', false);
        self::assertStringContainsString('3 600 seeds', self::text($this->printed()));
    }

    public function test_the_same_job_sent_again_is_one_job_and_one_may_be_left_alone(): void
    {
        $lot = (new Keeper($this))->storedTomato();
        $this->putJson('/api/settings/label_printer', ['value' => '127.0.0.1:'.self::freePort()])->assertOk();
        $id = (string) Str::uuid7();
        $this->prints($lot, 'outside', $id)->assertOk();
        $this->prints($lot, 'outside', $id)->assertOk();
        self::assertCount(1, $this->getJson('/api/print-jobs')->json());
        $this->postJson("/api/print-jobs/$id/drop")->assertOk();
        self::assertSame([], $this->getJson('/api/print-jobs')->json());
        $this->postJson("/api/print-jobs/$id/send")->assertNotFound();
    }

    public function test_what_cannot_be_printed_is_refused_in_words(): void
    {
        $lot = (new Keeper($this))->storedTomato();
        $this->prints($lot, 'outside')->assertStatus(422)->assertJsonPath('errors.label_printer.0', 'There is no label printer yet: its address is a setting.');
        $this->putJson('/api/settings/label_printer', ['value' => '127.0.0.1:9'])->assertOk();
        $mark = $this->getJson("/api/tags?codes=$lot&sorts=outside")->json('0.mark');
        foreach ([null, [], 'x', ['10', '1'], ['12', '01'], array_fill(0, 62, str_repeat('1', 62)), [['1']]] as $squares) {
            $this->postJson('/api/print-jobs', ['id' => (string) Str::uuid7(), 'codes' => $lot, 'sorts' => 'outside', 'squares' => [$mark => $squares]])->assertStatus(422)->assertJsonValidationErrors('squares');
        }
        $this->prints('L99', 'outside')->assertStatus(422)->assertJsonPath('errors.codes.0', 'There are no tags to print.');
        $this->prints($lot, 'outside', 'mine')->assertStatus(422)->assertJsonValidationErrors('id');
        self::assertSame(0, DB::table('print_jobs')->count());
    }

    #[TestWith(['192.168.1.40'])]
    #[TestWith(['printer:port'])]
    #[TestWith(['printer:0'])]
    #[TestWith(['printer:70000'])]
    #[TestWith(['http://printer:9100'])]
    #[TestWith(['user@printer:9100'])]
    #[TestWith(["printer:9100\nx"])]
    public function test_an_address_is_a_name_and_a_port(string $typed): void
    {
        $this->expectException(Refused::class);
        HostAddress::of($typed, 'label_printer', 'label printer');
    }

    public function test_signs_of_the_language_and_of_other_scripts_do_no_harm(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->pick($keeper->sow($keeper->variety('tomato', 'Gaßner (früh) \\ 50 % – Öl')), '2026-08-01T10:00');
        $this->printer();
        $this->prints($lot, 'rack')->assertOk();
        $script = $this->printed();
        self::assertStringContainsString('(früh) \\ 50 % - Öl', self::text($script));
        self::assertMatchesRegularExpression('/^[\n -~]+$/', $script, 'nothing but plain signs goes over the wire');
    }

    public function test_a_name_that_is_too_long_for_the_label_is_set_narrower_and_stays_on_it(): void
    {
        $keeper = new Keeper($this);
        $name = str_repeat('Wide-mouthed Wanderer ', 3);
        $lot = $keeper->pick($keeper->sow($keeper->variety('tomato', trim($name))), '2026-08-01T10:00');
        $this->printer();
        $this->prints($lot, 'rack')->assertOk();
        $script = $this->printed();
        self::assertStringContainsString(trim($name), preg_replace('/\s+/', ' ', self::text($script)) ?? '');
        $bounds = self::ghostscript($script, ['-sDEVICE=bbox'], errors: true);
        self::assertSame(1, preg_match('/%%HiResBoundingBox: (\S+) (\S+) (\S+) (\S+)/', $bounds, $box));
        self::assertGreaterThanOrEqual(5.0, (float) $box[1]);
        self::assertLessThanOrEqual(62 / 25.4 * 72 - 5.0, (float) $box[3]);
    }

    public function test_only_what_the_document_lists_is_used(): void
    {
        $lot = (new Keeper($this))->storedTomato();
        $this->printer();
        $this->prints($lot, 'outside,inside')->assertOk();
        $body = preg_replace(['/%%BeginProlog.*%%EndProlog/s', '/\((?:[^()\\\\]|\\\\.)*\)/', '/%.*$/m'], '', $this->printed());
        preg_match_all('/(?<![\/\w])[A-Za-z]\w*/', (string) $body, $used);
        $listed = (string) file_get_contents(base_path('docs/label-printer.md'));
        foreach (array_unique($used[0]) as $operator) {
            self::assertStringContainsString("`$operator`", $listed);
        }
    }

    private function printer(?int $port = null): void
    {
        $this->printer = new Process([PHP_BINARY, base_path('artisan'), 'marrow:label-printer', '--port='.($port ?? 0), "--folder=$this->folder", '--jobs=1']);
        $this->printer->setTimeout(60);
        $this->printer->start();
        $this->printer->waitUntil(static fn (string $type, string $out): bool => str_contains($out, 'Listening on'));
        self::assertSame(1, preg_match('/Listening on (\S+)/', $this->printer->getOutput(), $at));
        $this->putJson('/api/settings/label_printer', ['value' => $at[1]])->assertOk();
    }

    /** @return string what the printer was sent, when it has drawn it */
    private function printed(): string
    {
        $this->printer?->wait();
        self::assertStringContainsString('Printed', (string) $this->printer?->getOutput());
        self::assertNotSame([], glob("$this->folder/*.png"));

        return (string) file_get_contents((glob("$this->folder/*.ps") ?: [''])[0]);
    }

    private function prints(string $code, string $sorts, ?string $id = null): \Illuminate\Testing\TestResponse
    {
        return $this->postJson('/api/print-jobs', ['id' => $id ?? (string) Str::uuid7(), 'codes' => $code, 'sorts' => $sorts, 'squares' => $this->marks("codes=$code")]);
    }

    /** @return array<string, list<string>> */
    private function marks(string $query): array
    {
        return array_fill_keys(array_column($this->getJson("/api/tags?$query")->json(), 'mark'), self::squares());
    }

    /** @return list<string> as if by chance, but the same each time */
    private static function squares(): array
    {
        return array_map(static fn (int $row): string => implode('', array_map(static fn (int $column): string => (string) (($row * $row + 3 * $column + $row * $column) % 5 < 2 ? 1 : 0), range(0, self::SIDE - 1))), range(0, self::SIDE - 1));
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \LogicException;
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    /** @return array{int, int, string} width, height, and a byte for each dot of the first label */
    private static function drawn(string $script): array
    {
        $picture = self::ghostscript($script, ['-sDEVICE=pgmraw', '-r203', '-dLastPage=1']);
        self::assertSame(1, preg_match('/^P5\s+(?:#.*\s+)?(\d+) (\d+)\s+255\s/', $picture, $head));

        return [(int) $head[1], (int) $head[2], substr($picture, strlen($head[0]))];
    }

    private static function text(string $script): string
    {
        return (string) preg_replace('/[ \t]+/', ' ', self::ghostscript($script, ['-sDEVICE=txtwrite']));
    }

    /** @param  list<string>  $with */
    private static function ghostscript(string $script, array $with, bool $errors = false): string
    {
        $gs = new Process(['gs', '-q', '-dSAFER', '-dBATCH', '-dNOPAUSE', ...$with, '-o', '-', '-'], input: $script);
        $gs->mustRun();

        return $errors ? $gs->getErrorOutput() : $gs->getOutput();
    }
}
