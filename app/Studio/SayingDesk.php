<?php

declare(strict_types=1);

namespace App\Studio;

use App\Apps\LayoutSurvey;
use App\Models\App;
use App\Models\Revision;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Space;
use GdImage;
use Illuminate\Database\QueryException;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Kinds\PutRight;
use Lanai\Core\Model\Asset;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Lanai\Core\Saying\Amiss;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Sayer;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Text\Pattern;

/** Hears what a founder says of an app, and shows what would come of it: as sentences, and as small pictures of the screens before and after. */
final readonly class SayingDesk
{
    /** Of a proposal, so many screens are drawn. */
    private const DRAWN = 2;

    /** A picture is looked at in so many points on each side. */
    private const POINTS = 48;

    /**
     * @param  string  $here  the name of the screen that the founder looks at; '' for none
     * @return list<array<string, mixed>> as in docs/studio.schema.json
     */
    public function hear(App $app, string $saying, string $here, bool $drawn = false): array
    {
        return array_map(
            fn (array $part): array => ['said' => $part['said']] + self::told($app, $part['understood'], $drawn),
            $this->sayer($app)->hear($app->revision->read(), $saying, $here),
        );
    }

    /**
     * @param  array<array-key, mixed>  $take
     *
     * @throws EditRefused
     */
    public function taken(App $app, string $saying, string $here, array $take): PutRight
    {
        return $this->sayer($app)->take($app->revision->read(), $saying, $take, $here);
    }

    /**
     * Why something did not go, and what could be said so that it goes.
     *
     * @param  string  $person  the name of whoever it did not go for; '' for nobody who is known
     * @param  bool  $isOwn  the app has said it, and not somebody's phone
     * @return array{cause: string, sayings: list<string>}
     */
    public function amiss(App $app, string $said, string $person, bool $isOwn): array
    {
        return Amiss::of($app->revision->read(), $said, $person === '' ? '' : self::role($app, $person), $this->sayer($app), $isOwn);
    }

    private static function role(App $app, string $person): string
    {
        $people = $app->revision->read()->peopleTable();
        $field = $people?->roleField();
        foreach ($people === null || $field === null ? [] : Space::sandbox($app)->store()->whole()->rows(new Query($people, limit: 500)) as $row) {
            if ($row->label() === $person) {
                $role = $row->values[$field->column()] ?? '';

                return is_string($role) ? $role : '';
            }
        }

        return '';
    }

    private function sayer(App $app): Sayer
    {
        $store = Space::sandbox($app)->store();

        return new Sayer(
            fn (Table $table): ?int => $app->revision->read()->isServiceTable($table) ? null : self::counted($store, $table),
            fn (Asset $asset): array => self::pixels($app, $asset),
        );
    }

    /**
     * Of a picture of the app: what is seen on it, in so few points that it takes no time.
     *
     * @return list<array{int, int, int}>
     */
    private static function pixels(App $app, Asset $asset): array
    {
        $file = $app->folder('pictures').'/'.basename($asset->file);
        $isPicture = is_file($file) && Pattern::match('/\.(png|jpe?g|webp)$/', $file);
        // What is torn shows nothing.
        $image = $isPicture ? rescue(fn () => imagecreatefromstring((string) file_get_contents($file)), false, false) : false;
        if (! $image instanceof GdImage) {
            return [];
        }
        $points = imagescale($image, self::POINTS, self::POINTS, IMG_BICUBIC) ?: $image;
        imagepalettetotruecolor($points);
        $pixels = [];
        for ($i = 0; $i < imagesx($points) * imagesy($points); $i++) {
            $colour = (int) imagecolorat($points, $i % imagesx($points), intdiv($i, imagesx($points)));
            // The upper seven bits say how transparent it is.
            if (($colour >> 24 & 0x7F) < 64) {
                $pixels[] = [$colour >> 16 & 0xFF, $colour >> 8 & 0xFF, $colour & 0xFF];
            }
        }

        return $pixels;
    }

    private static function counted(EloquentRecordStore $store, Table $table): ?int
    {
        try {
            return $store->whole()->count(new Query($table));
        } catch (QueryException) {
            return null;
        }
    }

    /** @return array<string, mixed> */
    private static function told(App $app, Understood $understood, bool $drawn): array
    {
        $data = $understood->data();
        foreach ($understood->proposals as $i => $proposal) {
            $data['proposals'][$i]['pictures'] = $drawn && $i === 0 ? self::pictures($app, $proposal) : [];
        }

        return $data;
    }

    /** @return list<array{screen: string, was: array<string, mixed>|null, now: array<string, mixed>}> of screens that can be drawn with the rows there are */
    private static function pictures(App $app, Proposal $proposal): array
    {
        $names = $proposal->screens();
        $first = $proposal->after->firstScreen();
        // Where no screen changed, and all look otherwise: the first one.
        $names = $names === [] && $first !== null && $proposal->before->theme != $proposal->after->theme ? [$first->name] : $names;
        $made = [];
        foreach (array_slice($names, 0, self::DRAWN) as $name) {
            $now = self::drawn($app, $proposal->after, $name);
            array_push($made, ...$now === null ? [] : [['screen' => $name, 'was' => self::drawn($app, $proposal->before, $name), 'now' => $now]]);
        }

        return $made;
    }

    /** @return array<string, mixed>|null */
    private static function drawn(App $app, Blueprint $blueprint, string $name): ?array
    {
        $screen = $blueprint->screen($name);
        if ($screen === null) {
            return null;
        }
        try {
            $revision = (new Revision(['blueprint' => $blueprint->data(), 'number' => $app->revision->number]))->alreadyRead($blueprint);

            return (new LayoutSurvey($app, '', new Space($app, DataSet::Sandbox, $revision)))->picture($screen);
        } catch (QueryException) {
            // It would show what is not kept yet.
            return null;
        }
    }
}
