<?php

declare(strict_types=1);

namespace App\Instruments\StandIns;

use App\Clock;
use Closure;
use Marrow\Core\Year\YearTurn;
use RuntimeException;

/**
 * Stands in for instruments on the network, for those who have none: a scale, three loggers, a weather station with a forecast.
 * What it tells is made up, from a seed number; with a fault it does what instruments do when something ails them.
 */
final readonly class StandIns
{
    /** What ails it. */
    public const FAULTS = ['', 'silent', 'half', 'moving', 'unit', 'nonsense', 'ahead', 'slow'];

    /**
     * @param  Closure(string): void  $say
     * @param  string  $fault  of FAULTS
     */
    public function __construct(private int $seed, private string $fault, private Clock $clock, private Closure $say, private YearTurn $turn = new YearTurn) {}

    /** @param  int  $asked  after so many answers it stops; 0 for never */
    public function listen(int $scale, int $web, int $asked = 0): void
    {
        $sockets = [];
        foreach (['scale' => $scale, 'web' => $web] as $what => $port) {
            $sockets[$what] = @stream_socket_server("tcp://127.0.0.1:$port", $code, $trouble) ?: throw new RuntimeException("Port $port cannot be listened on: $trouble");
            ($this->say)(sprintf('%s on %s', $what, (string) stream_socket_get_name($sockets[$what], false)));
        }
        for ($n = 0; $asked === 0 || $n < $asked;) {
            $ready = array_values($sockets);
            $none = null;
            if ((int) @stream_select($ready, $none, $none, 3600) < 1) {
                continue;
            }
            foreach ($ready as $socket) {
                $client = @stream_socket_accept($socket, 0.0);
                if ($client === false) {
                    continue;
                }
                stream_set_timeout($client, 2);
                $line = (string) fgets($client, 2000);
                $answer = $socket === $sockets['scale'] ? $this->weighed($n) : $this->answered($line);
                if ($this->fault === 'slow') {
                    sleep(8);
                }
                @fwrite($client, $answer);
                fclose($client);
                $n++;
            }
        }
    }

    /** What the scale says when it is asked the nth time. */
    public function weighed(int $n): string
    {
        $grams = round(5.0 + 400.0 * Dice::thrown($this->seed, 'weigh', (string) $n), 2);

        return match ($this->fault) {
            'silent' => '',
            'half' => sprintf('steady %.1f', $grams),
            'moving' => sprintf("moving %.1f g\n", $grams),
            'unit' => sprintf("steady %.3f stone\n", $grams / 6350),
            'nonsense' => "\x00\xff???\n",
            default => sprintf("steady %.2f g\n", $grams),
        };
    }

    private function answered(string $request): string
    {
        $path = explode(' ', $request)[1] ?? '/';
        $now = $this->clock->now();
        $body = match ($path) {
            '/air/cupboard' => ['readings' => self::cupboard($this->seed, $this->turn)->hours($now->modify('-1 day'), $now)],
            '/air/fridge' => ['readings' => self::fridge($this->seed, $this->turn)->hours($now->modify('-1 day'), $now)],
            '/air/wash-house' => ['readings' => self::washHouse($this->seed, $this->turn)->hours($now->modify('-1 day'), $now)],
            '/weather' => (new MadeUpWeather($this->seed, $this->turn))->sent($now),
            default => null,
        };
        if ($body === null) {
            return "HTTP/1.1 404 Not Found\r\nContent-Length: 0\r\nConnection: close\r\n\r\n";
        }
        $json = (string) json_encode($body);

        return match ($this->fault) {
            'silent' => '',
            'half' => self::http(substr($json, 0, intdiv(strlen($json), 2))),
            'nonsense' => self::http('<html>Welcome</html>'),
            'ahead' => self::http((string) json_encode(['readings' => [['at' => $now->modify('+3 days')->format('Y-m-d\TH:i:s'), 'temperature_c' => 18.0]]])),
            default => self::http($json),
        };
    }

    public static function cupboard(int $seed, YearTurn $turn = new YearTurn): MadeUpAir
    {
        return new MadeUpAir($seed, 17.0, 52.0, 3.5, $turn);
    }

    public static function fridge(int $seed, YearTurn $turn = new YearTurn): MadeUpAir
    {
        return new MadeUpAir($seed + 1, 5.0, 60.0, 0.6, $turn);
    }

    public static function washHouse(int $seed, YearTurn $turn = new YearTurn): MadeUpAir
    {
        return new MadeUpAir($seed + 2, 17.0, 68.0, 2.5, $turn);
    }

    private static function http(string $body): string
    {
        return "HTTP/1.1 200 OK\r\nContent-Type: application/json\r\nContent-Length: ".strlen($body)."\r\nConnection: close\r\n\r\n$body";
    }
}
