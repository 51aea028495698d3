<?php

declare(strict_types=1);

namespace App\Reach\Carriers;

use App\Models\PushKey;
use App\Outbound\Address;
use App\Outbound\Call;
use App\Outbound\Told;
use Firebase\JWT\JWT;
use Throwable;

/**
 * To browsers, through the push service of each: RFC 8030 (how it is asked), RFC 8291 upon RFC 8188 (how the message is sealed, so that the service cannot read
 * it), RFC 8292 (how the server shows who it is).
 */
final class WebPush implements Carrier
{
    /** Bytes that every push service takes (RFC 8030, section 7.2). */
    private const LARGEST = 4096;

    /** Of these the salt, the size of a record, the key, the tag and the end of the padding. */
    private const AROUND = 16 + 4 + 1 + 65 + 16 + 1;

    /** Seconds for which a token is good: RFC 8292, section 2, allows a day. */
    private const TOKEN = 43_200;

    /** @var array<string, array{string, int}> tokens by origin, and until when they are good */
    private array $tokens = [];

    public function __construct(private readonly PushKey $key, private readonly string $contact)
    {
    }

    public function call(Parcel $parcel): Call
    {
        $words = ['id' => $parcel->id, 'title' => $parcel->words->title, 'body' => $parcel->words->text, 'data' => $parcel->opens()]
            + ($parcel->picture === '' ? [] : ['image' => $parcel->picture])
            + ($parcel->silent ? ['silent' => true] : [])
            + ($parcel->replaces === '' ? [] : ['tag' => $parcel->replaces]);
        try {
            $body = self::sealed(
                self::fitting($words, self::LARGEST - self::AROUND),
                self::bytes($parcel->phone->keys['p256dh'] ?? ''),
                self::bytes($parcel->phone->keys['auth'] ?? ''),
            );
            $origin = self::originOf($parcel->phone->address);
        } catch (Throwable) {
            throw new NotCarried('The browser has given a key or an address that cannot be read.');
        }

        return new Call($parcel->phone->address, [
            'Content-Type' => 'application/octet-stream',
            'Content-Encoding' => 'aes128gcm',
            'TTL' => (string) max(0, $parcel->until - time()),
            'Urgency' => $parcel->urgent ? 'high' : 'normal',
            'Authorization' => "vapid t={$this->token($origin)}, k={$this->key->public}",
        ] + ($parcel->replaces === '' ? [] : ['Topic' => $parcel->replaces]), $body);
    }

    public function heard(Told $told): Carried
    {
        return match (true) {
            $told->status === 201, $told->status === 202, $told->status === 200 => Carried::sent(),
            $told->status === 404, $told->status === 410 => Carried::gone(),
            $told->status === 0 => Carried::later(0, 'The push service did not answer.'),
            $told->status === 429, $told->status >= 500 => Carried::later($told->retryAfter(), 'The push service takes nothing just now.'),
            $told->status === 413 => Carried::refused('The push service finds the message too long.'),
            default => Carried::refused("The push service has refused it ($told->status)."),
        };
    }

    /**
     * A message as only one browser can open it, in one record.
     *
     * @param  string  $theirs  the key of the browser, an uncompressed point of P-256, 65 bytes
     * @param  string  $auth  its secret, 16 bytes
     * @param  array{0: \OpenSSLAsymmetricKey, 1: string}|null  $own  a pair of keys and the public one's point; null for a fresh one
     * @param  string  $salt  16 bytes; '' for chance
     *
     * @throws NotCarried
     */
    public static function sealed(string $text, string $theirs, string $auth, ?array $own = null, string $salt = ''): string
    {
        if (strlen($theirs) !== 65 || strlen($auth) !== 16) {
            throw new NotCarried('The browser has given a key that cannot be read.');
        }
        [$pair, $point] = $own ?? PushKey::pair();
        $salt = $salt === '' ? random_bytes(16) : $salt;
        // RFC 8291, section 3.3: the secret, and its bounds in section 3.4.
        $shared = openssl_pkey_derive(self::pem($theirs), $pair, 32);
        $shared !== false || throw new NotCarried('The browser has given a key that cannot be read.');
        $shared = str_pad($shared, 32, "\0", STR_PAD_LEFT);
        $material = hash_hkdf('sha256', $shared, 32, "WebPush: info\0$theirs$point", $auth);
        $key = hash_hkdf('sha256', $material, 16, "Content-Encoding: aes128gcm\0", $salt);
        $nonce = hash_hkdf('sha256', $material, 12, "Content-Encoding: nonce\0", $salt);
        $sealed = openssl_encrypt("$text\x02", 'aes-128-gcm', $key, OPENSSL_RAW_DATA, $nonce, $tag);

        return $salt.pack('N', self::LARGEST).chr(65).$point.$sealed.$tag;
    }

    /**
     * The message as JSON that is no longer than it may be; what is too long loses the end of its text.
     *
     * @param  array<string, mixed>  $words
     * @param  string  $key  of the text
     */
    public static function fitting(array $words, int $bytes, string $key = 'body'): string
    {
        $written = fn (string $text): string => (string) json_encode(
            [$key => $text] + $words,
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
        );
        $text = is_string($words[$key] ?? null) ? $words[$key] : '';
        unset($words[$key]);
        $all = $written($text);
        while (strlen($all) > $bytes && $text !== '') {
            $text = rtrim(mb_strcut($text, 0, max(0, strlen($text) - (strlen($all) - $bytes) - 4)), '…');
            $text = $text === '' ? '' : "{$text}…";
            $all = $written($text);
            if (mb_strlen($text) < 3) {
                $text = '';
            }
        }

        return strlen($all) <= $bytes ? $all : throw new NotCarried('The message is too long.');
    }

    /** RFC 8292, section 2. */
    private function token(string $origin): string
    {
        [$token, $until] = $this->tokens[$origin] ?? ['', 0];
        if ($until < time() + 600) {
            $until = time() + self::TOKEN;
            $token = JWT::encode(['aud' => $origin, 'exp' => $until, 'sub' => $this->contact], $this->key->private, 'ES256');
            $this->tokens[$origin] = [$token, $until];
        }

        return $token;
    }

    /** As RFC 6454 writes it: the port only where it is not the usual one. */
    private static function originOf(string $url): string
    {
        $address = Address::of($url);
        $usual = $address->port === ($address->scheme === 'https' ? 443 : 80);

        return "$address->scheme://$address->host".($usual ? '' : ":$address->port");
    }

    public static function bytes(string $written): string
    {
        return (string) base64_decode(strtr($written, '-_', '+/'), true);
    }

    /** A point of P-256 as a public key in PEM (RFC 5480). */
    private static function pem(string $point): string
    {
        $der = hex2bin('3059301306072a8648ce3d020106082a8648ce3d030107034200').$point;

        return "-----BEGIN PUBLIC KEY-----\n".chunk_split(base64_encode($der), 64, "\n").'-----END PUBLIC KEY-----';
    }
}
