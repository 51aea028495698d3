<?php

declare(strict_types=1);

namespace App\Stores;

use App\Models\App;
use App\Models\StoreAccount;
use Lanai\Core\Text\Pattern;

/** With whose account something is handed in at a store: the founder's own, once it is connected; else the one of this Lanai, which is for practice. */
final class StoreAccounts
{
    /** The one that a founder uses now; null for that of this Lanai. */
    public static function of(int $founder, string $store): ?StoreAccount
    {
        return StoreAccount::query()->where(['founder_id' => $founder, 'store' => $store, 'used' => true])->latest('id')->first();
    }

    /** With what a store knows whoever hands in an app. */
    public static function token(App $app, string $store): string
    {
        return self::of($app->founder_id, $store)->token ?? (string) config("lanai.stores.$store.token");
    }

    /**
     * @return StoreAccount with the name that the store has for whoever has the token
     *
     * @throws StoreUnreachable where the store does not know it
     */
    public static function connect(int $founder, string $store, string $token): StoreAccount
    {
        if (! Pattern::match('/^[\x21-\x7E]{8,4000}$/D', $token)) {
            throw new StoreUnreachable('This is no token of '.config("lanai.stores.$store.name").'. It is one long word without blanks.');
        }
        $name = app(StoreDesk::class)->account($store, $token);
        self::leave($founder, $store);

        return StoreAccount::query()->create(['founder_id' => $founder, 'store' => $store, 'token' => $token, 'name' => $name]);
    }

    /** It is not used any more; what was handed in with it is still asked about with it. */
    public static function leave(int $founder, string $store): void
    {
        StoreAccount::query()->where(['founder_id' => $founder, 'store' => $store])->update(['used' => false]);
    }

    /** @return array<string, mixed> as StoreStand of docs/studio.schema.json */
    public static function state(App $app, string $store): array
    {
        $own = self::of($app->founder_id, $store);
        $release = $app->revision->read()->release;
        // iPhones know it by an id without underscores.
        $package = $store === 'pier' && $release->package !== '' ? $release->bundle() : $release->package;
        $desk = app(StoreDesk::class);
        $token = self::token($app, $store);
        try {
            $told = $package === '' ? ['record' => 'none'] : $desk->record($store, $token, $package);
            $records = $desk->records($store, $token);
            $name = $own->name ?? $desk->account($store, $token);
            $trouble = '';
        } catch (StoreUnreachable $unreachable) {
            [$told, $records, $name, $trouble] = [['record' => 'none'], [], $own->name ?? '', $unreachable->getMessage()];
        }

        return ['store' => $store, 'own' => $own !== null, 'name' => $name, 'package' => $package, 'records' => $records, 'trouble' => $trouble] + $told;
    }
}
