<?php

declare(strict_types=1);

namespace Benchmarks;

use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Symfony\Component\Process\Process;

require_once __DIR__.'/Size.php';

/** A demo app in a folder of its own, a server on it, and fair ways to time two things beside each other. */
final class Bench
{
    public readonly string $folder;

    public readonly string $address;

    public readonly Application $laravel;

    private ?Process $server = null;

    public function __construct()
    {
        $this->folder = sys_get_temp_dir().'/lanai-bench-'.bin2hex(random_bytes(5));
        mkdir("$this->folder/apps", 0700, true);
        touch("$this->folder/lanai.sqlite");
        $port = random_int(20000, 40000);
        $this->address = "http://127.0.0.1:$port";
        foreach (
            [
                'LANAI_DATABASE' => "$this->folder/lanai.sqlite",
                'LANAI_APPS' => "$this->folder/apps",
                'LANAI_DEMO' => 'true',
                'CACHE_STORE' => 'file',
                'LANAI_CACHE' => "$this->folder/cache",
                'APP_URL' => $this->address,
                'APP_KEY' => 'base64:AAECAwQFBgcICQoLDA0ODxAREhMUFRYXGBkaGxwdHh8=',
            ] as $key => $value
        ) {
            putenv("$key=$value");
            $_ENV[$key] = $_SERVER[$key] = $value;
        }
        $this->laravel = require __DIR__.'/../bootstrap/app.php';
        $this->laravel->make(Kernel::class)->bootstrap();
        // The framework's own handler prints what went wrong and ends as if nothing had.
        set_exception_handler(function (\Throwable $broken): void {
            fwrite(STDERR, "$broken\n");
            exit(1);
        });
        $this->laravel->make(Kernel::class)->call('migrate', ['--force' => true]);
        $this->laravel->make(DemoSeeder::class)->setContainer($this->laravel)->__invoke();
    }

    /** @param  bool  $whole  with the files of the device; else with the hand-written routes */
    public function serve(bool $whole = false): void
    {
        $root = dirname(__DIR__);
        $router = $whole ? "$root/bootstrap/serve.php" : "$root/benchmarks/server.php";
        $this->server = new Process(
            [PHP_BINARY, '-d', 'opcache.enable_cli=1', '-S', substr($this->address, 7), '-t', "$root/public", $router],
            $whole ? "$root/public" : $root,
            $whole ? ['PHP_CLI_SERVER_WORKERS' => '6'] : null,
            null,
            null,
        );
        $whole && $this->server->disableOutput();
        $this->server->start();
        // Its workers do not end with it by themselves.
        $whole && register_shutdown_function($this->endWorkers(...));
        for ($i = 0; $i < 200 && ! @fsockopen('127.0.0.1', (int) parse_url($this->address, PHP_URL_PORT)); $i++) {
            usleep(20000);
        }
    }

    /**
     * Medians in ms of several works, taken in turns so that whatever slows the machine slows all of them.
     *
     * @param  array<string, callable(): mixed>  $works
     * @return array<string, float>
     */
    public static function medians(int $rounds, array $works): array
    {
        $times = [];
        for ($i = 0; $i < Size::rounds($rounds); $i++) {
            foreach ($works as $name => $work) {
                $from = hrtime(true);
                $work();
                $times[$name][] = (hrtime(true) - $from) / 1e6;
            }
        }

        return array_map(function (array $all): float {
            sort($all);

            return $all[intdiv(count($all), 2)];
        }, $times);
    }

    /** @param  array<string, mixed>  $body */
    public function post(string $path, array $body = [], string $cookies = ''): string
    {
        static $curl = null;
        $curl ??= curl_init();
        curl_setopt_array($curl, [
            CURLOPT_URL => $this->address.$path,
            CURLOPT_POST => true,
            CURLOPT_POSTFIELDS => json_encode($body ?: new \stdClass()),
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HTTPHEADER => [
                'Content-Type: application/json',
                'Accept: application/json',
                ...$cookies === '' ? [] : ["Cookie: $cookies", 'X-XSRF-TOKEN: '.$this->token($cookies)],
            ],
        ]);
        $answer = curl_exec($curl);
        if (! is_string($answer) || curl_getinfo($curl, CURLINFO_RESPONSE_CODE) >= 400) {
            throw new \RuntimeException("$path: ".substr((string) $answer, 0, 400));
        }

        return $answer;
    }

    public function get(string $path, string $cookies = ''): string
    {
        $curl = curl_init($this->address.$path);
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => ['Accept: application/json', "Cookie: $cookies"]]);
        $answer = curl_exec($curl);
        if (! is_string($answer) || curl_getinfo($curl, CURLINFO_RESPONSE_CODE) >= 400) {
            throw new \RuntimeException("$path: ".substr((string) $answer, 0, 400));
        }

        return $answer;
    }

    /** Signs the demo founder in. @return string the cookies */
    public function signIn(): string
    {
        $jar = '';
        foreach ([null, json_encode(['email' => config('lanai.demo_email'), 'password' => config('lanai.demo_password')])] as $body) {
            $curl = curl_init($this->address.'/api/session');
            curl_setopt_array($curl, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_HEADER => true,
                CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json', "Cookie: $jar", 'X-XSRF-TOKEN: '.$this->token($jar)],
            ]);
            if ($body !== null) {
                curl_setopt($curl, CURLOPT_POSTFIELDS, $body);
            }
            preg_match_all('/^set-cookie: ([^;]+)/mi', (string) curl_exec($curl), $found);
            $jar = implode('; ', $found[1]);
        }

        return $jar;
    }

    private function endWorkers(): void
    {
        $pid = $this->server?->getPid();
        $pid === null || exec("pkill -P $pid");
    }

    public function end(): void
    {
        $this->endWorkers();
        $this->server?->stop(0);
        (new \Illuminate\Filesystem\Filesystem())->deleteDirectory($this->folder);
    }

    private function token(string $cookies): string
    {
        return preg_match('/XSRF-TOKEN=([^;]+)/', $cookies, $found) ? urldecode($found[1]) : '';
    }
}
