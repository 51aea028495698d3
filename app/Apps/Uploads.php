<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use finfo;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** Keeps what people upload: pictures drawn anew, other files of the kinds that an app may hold as they are. */
final readonly class Uploads
{
    /** In megabytes, of what is neither a film nor a sound. */
    private const MOST = 8;

    private const KINDS = [
        'pdf' => ['application/pdf'],
        'txt' => ['text/plain'],
        'csv' => ['text/csv', 'text/plain', 'application/csv'],
        'mp3' => ['audio/mpeg'],
        'zip' => ['application/zip'],
        'wav' => ['audio/x-wav', 'audio/wav', 'audio/vnd.wave'],
        'm4a' => ['audio/x-m4a', 'audio/mp4', 'video/mp4', 'video/quicktime'],
        'ogg' => ['audio/ogg', 'application/ogg', 'video/ogg'],
        'mp4' => ['video/mp4', 'video/quicktime', 'audio/x-m4a', 'audio/mp4'],
        'mov' => ['video/quicktime', 'video/mp4'],
        'webm' => ['video/webm', 'audio/webm', 'video/x-matroska'],
    ];

    public function __construct(private Pictures $pictures)
    {
    }

    /**
     * @return string the name under which it is kept
     *
     * @throws ValidationException
     */
    public function keep(App $app, UploadedFile $file): string
    {
        $ending = strtolower($file->getClientOriginalExtension());
        if (! self::isOther($file)) {
            return $this->pictures->keep($app, (string) $file->getContent());
        }
        if (! in_array($file->getMimeType(), self::KINDS[$ending], true)) {
            throw ValidationException::withMessages(['picture' => "This file is not what its ending .$ending says."]);
        }

        return self::kept($app, (string) $file->getContent(), $ending);
    }

    /** How large a file may be, by its ending, in megabytes. */
    public static function most(?UploadedFile $file): int
    {
        return Recordings::most((string) $file?->getClientOriginalExtension()) ?? self::MOST;
    }

    /** @return array<string, list<string>> the rule for a file that is sent */
    public static function rules(?UploadedFile $file): array
    {
        return ['picture' => ['required', 'file', 'max:'.self::most($file) * 1024], 'poster' => ['sometimes', 'file', 'max:2048']];
    }

    /** @return array<string, string> */
    public static function messages(?UploadedFile $file): array
    {
        return ['picture.*' => 'Please choose a file of at most '.self::most($file).' MB.'];
    }

    /** True for a file that is kept as it is: all that is not a picture. */
    public static function isOther(UploadedFile $file): bool
    {
        return isset(self::KINDS[strtolower($file->getClientOriginalExtension())]);
    }

    /** Keeps a sound as it came. */
    public static function sound(App $app, string $bytes): ?string
    {
        $type = (new finfo(FILEINFO_MIME_TYPE))->buffer($bytes) ?: '';
        foreach (['wav', 'mp3'] as $ending) {
            if (in_array($type, self::KINDS[$ending], true)) {
                return self::kept($app, $bytes, $ending);
            }
        }

        return null;
    }

    private static function kept(App $app, string $bytes, string $ending): string
    {
        $name = hash('sha256', $bytes).".$ending";
        WholeFile::put($app->folder('pictures')."/$name", $bytes);

        return $name;
    }
}
