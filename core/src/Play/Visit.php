<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\People\Account;

/** Who looks at which screen, when, about which rows, on what, with what typed and chosen so far. */
final readonly class Visit
{
    /**
     * @param  string  $screen  a slug; '' for the first screen
     * @param  list<int|string>  $args  ids of the rows that the screen is about, then the values it takes, as written
     * @param  int|null  $person  id of a row of the people table
     * @param  array<string, mixed>  $inputs  as typed, by name in formulas
     * @param  list<string>  $confirmed  JSON Pointers of the questions that the person has said yes to
     * @param  array<string, string>  $finds  JSON Pointer of a list => what is searched for in it
     * @param  array<string, int>  $pages  JSON Pointer of a list => how many pages of it are wanted
     * @param  array<string, mixed>  $replies  JSON Pointer of a question => what was typed
     * @param  array<string, string>  $orders  JSON Pointer of a list => the field it is sorted by, with a "-" for downward
     * @param  array<string, array<string, string>>  $chips  JSON Pointer of a list => field => the value chosen
     * @param  array<string, string>  $values  values of the app that the device keeps: name in formulas => as written
     * @param  'ios'|'android'|'web'  $platform
     * @param  'phone'|'tablet'  $form
     * @param  Account|null  $account  what is known of the person's own account
     * @param  string  $pending  the handle of what was begun and waits for a code
     * @param  string  $device  what the device calls itself, such as "Chrome on Android"
     * @param  string  $address  where it calls from, for limits
     * @param  int|null  $session  the session that it came with
     * @param  list<int>  $ticked  ids of the items of a list that are ticked
     * @param  bool  $waits  true where answers of services are waited for; false to be shown at once what is at hand
     * @param  string  $till  where is paid, as Sold names it: it is decided by the package
     * @param  string  $store  where the package comes from; '' for none
     * @param  int|null  $build  the build number of the package; null where the app always runs as it is now
     * @param  string  $tongue  the tag of the language in which it is shown; '' for the app's own
     * @param  string  $invitedBy  what the link said by which they came; '' for no invitation
     * @param  bool  $sheet  the phone can open the sheet of its own store
     * @param  bool  $beside  true where a provider's page opens beside the app instead of in its place
     */
    public function __construct(
        public Moment $moment,
        public string $screen = '',
        public array $args = [],
        public ?int $person = null,
        public array $inputs = [],
        public array $confirmed = [],
        public array $finds = [],
        public array $pages = [],
        public array $replies = [],
        public array $orders = [],
        public array $chips = [],
        public array $values = [],
        public string $platform = 'web',
        public string $form = 'phone',
        public ?Account $account = null,
        public string $pending = '',
        public string $device = '',
        public string $address = '',
        public ?int $session = null,
        public bool $beside = false,
        public bool $waits = false,
        public array $ticked = [],
        public string $till = 'card',
        public string $store = '',
        public ?int $build = null,
        public string $tongue = '',
        public string $invitedBy = '',
        public bool $sheet = false,
    ) {
    }
}
