<?php

declare(strict_types=1);

namespace Lanai\Core\People;

use Lanai\Core\Access\Rules;
use Lanai\Core\Model\Access\Everyone;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Access\Who;
use Lanai\Core\Model\Adverts\Adverts;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\People\Through;
use Lanai\Core\Model\People\Way;
use Lanai\Core\Model\People\WithCode;
use Lanai\Core\Model\People\WithPassword;
use Lanai\Core\Model\Table;

/** Drafts of the pages that stores and providers demand, from what the app really stores and lets people do. */
final readonly class PublicPages
{
    public const KEYS = ['privacy', 'terms', 'deletion'];

    private Rules $rules;

    /** @param  list<string>  $calls  whom the app calls, by name */
    public function __construct(private Blueprint $blueprint, private array $calls = [])
    {
        $this->rules = new Rules($blueprint);
    }

    public static function title(string $key): string
    {
        return ['privacy' => 'Privacy', 'terms' => 'Terms of use', 'deletion' => 'Deleting your account'][$key] ?? '';
    }

    /**
     * @return list<string|list<string>> a text is a paragraph; a list is a heading with what stands under it
     */
    public function paragraphs(string $key): array
    {
        return match ($key) {
            'privacy' => $this->privacy(),
            'terms' => $this->terms(),
            default => $this->deletion(),
        };
    }

    /** @return list<string|list<string>> */
    private function privacy(): array
    {
        $app = $this->blueprint->name;
        $signIn = $this->blueprint->signIn;
        $page = ["This page tells what $app keeps of you, who sees it, and how you take it with you or have it deleted."];
        if ($signIn === null) {
            $page[] = "$app has no accounts.";
        } else {
            $ways = array_map(
                fn (Way $w): string => match (true) {
                    $w instanceof WithPassword => 'your e-mail address, and your password in a form that cannot be read back',
                    $w instanceof WithCode => 'your e-mail address, to which one-time codes are sent',
                    $w instanceof Through => "if you sign in through $w->provider: your name, your e-mail address and the number "
                        ."by which $w->provider knows you",
                    default => 'if you look around as a guest: nothing that tells who you are',
                },
                $signIn->ways,
            );
            $page[] = [
                'Your account',
                ...array_map(ucfirst(...), array_values(array_unique($ways))),
                'The devices on which you are signed in, and when you signed in',
            ];
            $page[] = 'Nobody but you and those who run the app sees your e-mail address.';
        }
        foreach ($this->blueprint->tables as $table) {
            $kept = array_values(array_filter($table->fields, fn (Field $f): bool => $f->formula() === '' && $f->name !== ''));
            if ($kept !== [] && ($table->people || $this->isPersonal($table))) {
                $page[] = [
                    $table->people ? 'What you tell about yourself' : $table->name,
                    implode(', ', array_map(fn (Field $f): string => $f->name, $kept)),
                    'This may be seen by '.$this->rules->inWords($this->rules->of(Verb::See, $table), $table).'.',
                    ...$this->byField($table, $kept),
                ];
            }
        }
        if ($this->blueprint->products !== []) {
            $page[] = [
                'What you buy',
                'What you bought or were given, when, for how long, and what you paid for it.',
                "You pay on the page of a till: $app never sees your card.",
                'The law on taxes asks for the books to be kept; when your account is deleted, what you bought stays in them without you.',
            ];
        }
        $page[] = ['Visits', ...$this->visits()];
        if ($this->blueprint->adverts !== null) {
            $page[] = ['Adverts', ...$this->adverts($this->blueprint->adverts)];
        }
        if ($this->calls !== []) {
            $page[] = ['Who else is asked', ...$this->calls];
        }
        $page[] = ['Your rights', 'You can download all of it, as a file, on the account screen of the app.', 'You can delete your account there.'];
        $page[] = "$app uses no cookies to follow you, and passes nothing on to anybody who is not named here.";

        return $page;
    }

    /** @return list<string> */
    private function visits(): array
    {
        $canRefuse = $this->blueprint->kinds()->ofKind('doNotCountMe') !== [];

        return [
            'It is counted how many come on a day and which screens are looked at, without who it was, and nobody else hears of it.',
            'Of your device it is known by a number, made for this app alone, when it came first and last, and which account is signed in on it, so that both '
                .'go together.',
            ...$canRefuse ? ['You can say in the app that you do not want to be counted; then that goes.'] : [],
            'Whose browser says that they do not want to be followed is not counted.',
        ];
    }

    /** @return list<string> */
    private function adverts(Adverts $adverts): array
    {
        $personal = 'Only where you allow it, they are told a number as well, made for this app alone, by which you are known again. '
            .'If you refuse later, your device gets another one.';

        return [
            "Adverts come through $adverts->network. They are told your country, your language and the kind of your device: no name, and no address.",
            $adverts->children ? 'They are never about you.' : $personal,
            'For two days it is known which adverts your device was shown, so that they are not too many.',
            ...$adverts->none === [] ? [] : ['Whoever has '.implode(' or ', $adverts->none).' sees none.'],
        ];
    }

    /**
     * @param  list<Field>  $fields
     * @return list<string> a sentence for each field that fewer may see than its row
     */
    private function byField(Table $table, array $fields): array
    {
        $said = [];
        foreach ($fields as $field) {
            $whos = $this->rules->ofField(Verb::See, $table, $field);
            if ($whos !== null) {
                $only = array_filter($whos, fn (Who $who): bool => $who instanceof Everyone) === [] ? 'only by' : 'by';
                $said[] = "Of it, $field->name may be seen $only ".$this->rules->inWords($whos, $table).'.';
            }
        }

        return $said;
    }

    /** @return list<string|list<string>> */
    private function terms(): array
    {
        $app = $this->blueprint->name;

        return [
            "These are the terms under which you use $app.",
            ['What you may expect', 'The app is offered as it is; it can change, and it can be out of reach at times.', 'What you put into it stays yours.'],
            [
                'What is expected of you',
                'You use your own name and address, and keep your password to yourself.',
                'You put nothing into the app that hurts others or breaks the law.',
            ],
            ...$this->blueprint->products === [] ? [] : [['What is sold', ...$this->sold()]],
            'Who breaks these terms can be shut out.',
        ];
    }

    /** @return list<string> */
    private function sold(): array
    {
        $said = [];
        foreach ($this->blueprint->products as $product) {
            foreach ($product->plans as $plan) {
                $free = $plan->freeDays === null ? '' : ", after $plan->freeDays days free";
                $said[] = "$product->name, $plan->name: $plan->price $plan->currency every ".$plan->everyInWords()."$free.";
            }
            if ($product->isPaidOnce()) {
                $each = $product->sold === Product::USED ? 'paid each time' : 'paid once';
                $said[] = "$product->name: $product->price $product->currency, $each.";
            }
        }
        $said[] = 'What is paid again and again goes on by itself. You can end it in the app, at the latest a day before.';
        $said[] = 'After that it lasts as long as you have paid.';

        return $said;
    }

    /** @return list<string|list<string>> */
    private function deletion(): array
    {
        $app = $this->blueprint->name;
        $signIn = $this->blueprint->signIn;
        $people = $this->blueprint->peopleTable();
        if ($signIn === null || $people === null) {
            return ["$app has no accounts."];
        }
        $goes = $stays = [];
        foreach ($this->blueprint->tables as $table) {
            foreach ($table->fields as $field) {
                if (mb_strtolower($field->linksTo()) === mb_strtolower($people->singular) && $field->hasColumn()) {
                    $signIn->takesAlong($table, $field) ? ($goes[] = $table->name) : ($stays[] = $table->name);
                }
            }
        }
        $page = ["You can delete your account with $app at any time, in the app itself: open the account screen and choose to delete. It is done at once."];
        $page[] = [
            'What is deleted',
            'Your account, your e-mail address and your password',
            'What you told about yourself',
            ...array_values(array_unique($goes)),
        ];
        if (array_diff($stays, $goes) !== []) {
            $page[] = ['What stays, without your name', ...array_values(array_unique(array_diff($stays, $goes)))];
        }
        $page[] =
            'If you no longer have the app, type your address here. You get a letter with a code, and with that code you delete your account on the next page.';

        return $page;
    }

    private function isPersonal(Table $table): bool
    {
        $people = $this->blueprint->peopleTable();
        foreach ($table->fields as $field) {
            if ($people !== null && mb_strtolower($field->linksTo()) === mb_strtolower($people->singular)) {
                return true;
            }
        }

        return false;
    }
}
