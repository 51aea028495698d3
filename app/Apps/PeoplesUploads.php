<?php

declare(strict_types=1);

namespace App\Apps;

use App\Device\Entry;
use App\Models\App;
use App\Models\Upload;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Date;
use Illuminate\Validation\ValidationException;
use Lanai\Core\Lines\FilesTaken;
use Lanai\Core\Model\FieldTypes\SoundType;
use Lanai\Core\Model\FieldTypes\VideoType;

/** Files that the people of an app send: only such as its screens take, only so many, and only as long as a row refers to them. */
final readonly class PeoplesUploads
{
    /** Bytes and files of one person, or one address where nobody is signed in, in a day. */
    public const A_DAY = 200_000_000;

    public const FILES_A_DAY = 200;

    /** Bytes of all people of one app. */
    public const ALL = 2_000_000_000;

    public function __construct(private Uploads $uploads)
    {
    }

    /**
     * @param  string  $by  the person, or the address
     * @param  string  $poster  a picture that stands for a film until it is played; '' for none
     * @return string the name under which it is kept
     *
     * @throws ValidationException
     */
    public function keep(Entry $entry, UploadedFile $file, string $by, string $poster = ''): string
    {
        $this->check(FilesTaken::by($entry->blueprint()), $file);
        $mine = Upload::query()
            ->where(['app_id' => $entry->app->id, 'by' => $by])
            ->where('created_at', '>', Date::now()->subDay());
        if ((clone $mine)->count() >= self::FILES_A_DAY || (clone $mine)->sum('bytes') + $file->getSize() > self::A_DAY) {
            throw self::no('That is as much as one person can send in a day. Please go on tomorrow.');
        }
        if (Upload::query()->where('app_id', $entry->app->id)->sum('bytes') + $file->getSize() > self::ALL) {
            throw self::no('This app has no room for more files.');
        }
        $name = $this->uploads->keep($entry->app, $file);
        if ($poster !== '' && Recordings::kind($file->getClientOriginalExtension()) === VideoType::class) {
            Recordings::keepPoster($entry->app->folder('pictures')."/$name", $poster);
        }
        $bytes = (int) filesize($entry->app->folder('pictures')."/$name");
        Upload::query()->create(['app_id' => $entry->app->id, 'name' => $name, 'by' => $by, 'bytes' => $bytes]);

        return $name;
    }

    /** @throws ValidationException where the app takes no such file */
    private function check(FilesTaken $taken, UploadedFile $file): void
    {
        $recording = Recordings::kind($file->getClientOriginalExtension());
        if ($recording !== null && $taken->takes($recording)) {
            Recordings::check($file, $taken->longest($recording));

            return;
        }
        if (! (Uploads::isOther($file) ? $taken->others : $taken->pictures)) {
            $some = $taken->pictures || $taken->others || $taken->takes(VideoType::class) || $taken->takes(SoundType::class);
            throw self::no($some ? 'This app does not take files of this kind.' : 'This app takes no files.');
        }
    }

    /** Removes what no row has referred to within a day. @return int how many files */
    public static function sweep(): int
    {
        $swept = 0;
        $named = [];
        foreach (
            Upload::query()
                ->where('created_at', '<', Date::now()->subDay())
                ->orderBy('id')
                ->lazyById(200) as $upload
        ) {
            /** @var Upload $upload */
            $app = App::query()
                ->with(['revision', 'liveRevision'])
                ->find($upload->app_id);
            if ($app === null || ! ($named[$app->id] ??= new NamedFiles($app))->has($upload->name)) {
                $file = $app?->folder('pictures')."/$upload->name";
                if (
                    $app !== null &&
                    is_file($file) &&
                    ! Upload::query()
                        ->where(['app_id' => $app->id, 'name' => $upload->name])
                        ->where('created_at', '>=', Date::now()->subDay())
                        ->exists()
                ) {
                    unlink($file);
                    SmallerPictures::forget($file);
                    Recordings::forget($file);
                    $swept++;
                }
                $upload->delete();
            }
        }

        return $swept;
    }

    private static function no(string $sentence): ValidationException
    {
        return ValidationException::withMessages(['picture' => $sentence]);
    }
}
