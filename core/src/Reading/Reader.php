<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

use Lanai\Core\Reading\Clauses\Acting;
use Lanai\Core\Reading\Clauses\Belonging;
use Lanai\Core\Reading\Clauses\Having;
use Lanai\Core\Reading\Clauses\Refusing;
use Lanai\Core\Reading\Clauses\Selling;
use Lanai\Core\Reading\Clauses\Wanting;

/** Reads what an app is to do out of a paragraph, by rules that can be told, and says from which words each thing came. */
final readonly class Reader
{
    /** So many words say something that can be understood. */
    private const SAYS = 4;

    private Lexicon $lexicon;

    private People $people;

    public function __construct()
    {
        $this->lexicon = new Lexicon();
        $this->people = new People($this->lexicon);
    }

    /**
     * @param  array<array-key, mixed>  $answers  a question of the outline => one of its answers
     * @param  array<array-key, mixed>  $corrections  what was put right in what was understood, see Corrections
     */
    public function read(string $text, array $answers = [], array $corrections = []): Outline
    {
        $sentences = array_map(
            fn (array $words): Sentence => new Sentence($words, $this->lexicon),
            (new Tagger($this->lexicon))->sentences($text),
        );
        $draft = new Draft();
        foreach ($sentences as $sentence) {
            if (count($sentence->words) >= self::SAYS) {
                $draft->sentences[] = $sentence->from(0, count($sentence->words));
            }
        }
        $clauses = [
            new Having($this->lexicon, $this->people),
            new Belonging($this->people),
            new Acting($this->people),
            new Refusing(),
            new Selling(),
            new Wanting(),
        ];
        foreach ($clauses as $clause) {
            foreach ($sentences as $sentence) {
                $clause->read($sentence, $draft);
            }
        }
        (new Following($this->lexicon, $this->people))->complete($draft);

        $outline = new Outline($draft, $this->lexicon, Corrections::read($corrections, $this->lexicon));
        foreach ($outline->data()['questions'] as $question) {
            $answer = $answers[$question['asks']] ?? '';
            $noun = mb_strtolower($question['about']);
            if (in_array($answer, $question['answers'], true)) {
                $draft->answered[] = $question['asks'];
                if ($answer === Outline::ANYONE) {
                    $draft->does('add', $noun, '', $draft->tables[$noun]['from']);
                } elseif ($answer === Outline::THEIRS) {
                    $draft->private[$noun] = $draft->tables[$noun]['from'];
                } elseif ($answer === Outline::FOUNDER) {
                    $draft->founders[] = $noun;
                }
            }
        }

        return $outline;
    }
}
