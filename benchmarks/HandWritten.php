<?php

declare(strict_types=1);

namespace Benchmarks;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Config;

/** The demo's first screen as a careful developer would write it by hand: the same queries, the same JSON. */
final class HandWritten
{
    public function __invoke(Request $request): JsonResponse
    {
        $request->validate(['screen' => ['nullable', 'string', 'max:100'], 'zone' => ['sometimes', 'timezone:all']]);
        Config::set(
            'database.connections.hand',
            ['database' => Config::string('lanai.apps').'/1/live.sqlite'] + Config::array('database.connections.app_template'),
        );
        $app = \App\Models\App::query()->with('liveRevision:id,number')->where('slug', 'saltlark')->firstOrFail();
        $swims = $this->table('swims')
            ->whereNotNull('starts')
            ->where('starts', '>', now('UTC')->format('Y-m-d\TH:i:s\Z'))
            ->orderBy('starts')
            ->orderBy('id')
            ->limit(101)
            ->get();
        $spots = $this->table('spots')
            ->whereIntegerInRaw('id', $swims->pluck('spot')->unique()->values()->all())
            ->get()
            ->keyBy('id');

        return response()->json([
            'view' => [
                'app' => 'Saltlark',
                'screen' => 'upcoming',
                'title' => 'Swims this week',
                'first' => 'upcoming',
                'problem' => '',
                'soft' => $this->soft($spots->pluck('photo')->unique()->all()),
                'nodes' => [
                    ['kind' => 'text', 'at' => '/screens/0/lines/1', 'text' => 'Pick a swim, find your people, and never go in alone.'],
                    [
                        'kind' => 'list',
                        'at' => '/screens/0/lines/2',
                        'layout' => 'cards',
                        'items' => $swims
                            ->map(
                                fn (\stdClass $swim): array => [
                                    'id' => $swim->id,
                                    'title' => $swim->title,
                                    'note' => $spots[$swim->spot]->name,
                                    'aside' => $this->relative($swim->starts),
                                    'picture' => $spots[$swim->spot]->photo,
                                ],
                            )
                            ->all(),
                        'taps' => true,
                        'leads' => 'swim',
                        'empty' => '',
                        'search' => null,
                        'more' => false,
                    ],
                    ['kind' => 'button', 'at' => '/screens/0/lines/3', 'label' => 'Offer a swim', 'style' => 'quiet', 'taps' => true],
                    [
                        'kind' => 'card',
                        'at' => '/screens/0/lines/4',
                        'nodes' => [
                            ['kind' => 'heading', 'at' => '/screens/0/lines/4/lines/0', 'text' => 'New here?'],
                            [
                                'kind' => 'text',
                                'at' => '/screens/0/lines/4/lines/1',
                                'text' => 'Three short pages tell how Saltlark keeps you company and safe.',
                                'small' => true,
                            ],
                            ['kind' => 'button', 'at' => '/screens/0/lines/4/lines/2', 'label' => 'Show me', 'style' => 'quiet', 'taps' => true],
                        ],
                    ],
                ],
                'full' => false,
                'opens' => 'sliding',
                'actions' => [],
                'menu' => [
                    ['screen' => 'upcoming', 'label' => 'Swims this week', 'icon' => 'waves'],
                    ['screen' => 'discover', 'label' => 'Discover', 'icon' => 'star'],
                    ['screen' => 'guide', 'label' => 'Shore guide', 'icon' => 'chat'],
                    ['screen' => 'profile', 'label' => 'You', 'icon' => 'person'],
                    ['screen' => 'requests', 'label' => 'Requests', 'icon' => 'bell'],
                    ['screen' => 'messages', 'label' => 'Messages', 'icon' => 'bell'],
                    ['screen' => 'settings', 'label' => 'Settings', 'icon' => 'list'],
                    ['screen' => 'account', 'label' => 'Account', 'icon' => 'person'],
                ],
                'tabs' => [
                    ['screen' => 'upcoming', 'label' => 'Swims', 'icon' => 'waves'],
                    ['screen' => 'spots', 'label' => 'Spots', 'icon' => 'place'],
                    ['screen' => 'feed', 'label' => 'Shore', 'icon' => 'chat'],
                    ['screen' => 'mine', 'label' => 'Mine', 'icon' => 'calendar'],
                ],
                'theme' => [
                    'main' => '#0B6E5F',
                    'onMain' => '#FFFFFF',
                    'background' => '#F1F6F5',
                    'surface' => '#FFFFFF',
                    'text' => '#13292B',
                    'corner' => 16,
                    'density' => 'comfortable',
                    'scale' => 'balanced',
                    'dark' => ['main' => '#5CC2AE', 'onMain' => '#07201C', 'background' => '#0E1718', 'surface' => '#172324', 'text' => '#E6EEEC'],
                ],
                'signIn' => 'sign-in',
            ],
            'revision' => $app->liveRevision?->number,
            'pulse' => '',
        ]);
    }

    /**
     * What pictures look like from far away.
     *
     * @param  list<string>  $photos
     * @return array<string, string>
     */
    private function soft(array $photos): array
    {
        $soft = [];
        foreach ($photos as $photo) {
            $small = Config::string('lanai.apps')."/1/pictures/small/20/$photo.webp";
            if (is_file($small)) {
                $soft[$photo] = base64_encode((string) file_get_contents($small));
            }
        }

        return $soft;
    }

    private function table(string $name): \Illuminate\Database\Query\Builder
    {
        $model = new class extends Model
        {
        };
        $model->setConnection('hand')->setTable($name);

        return $model->newQuery()->toBase();
    }

    private function relative(string $at): string
    {
        $seconds = (int) now()->diffInSeconds(Carbon::parse($at));
        foreach (['day' => 86400, 'hour' => 3600, 'minute' => 60] as $unit => $length) {
            if ($seconds >= $length) {
                $count = intdiv($seconds, $length);

                return "in $count $unit".($count === 1 ? '' : 's');
            }
        }

        return 'now';
    }
}
