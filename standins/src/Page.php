<?php

declare(strict_types=1);

namespace Standins;

/** Plain pages of the stand-ins. */
final class Page
{
    public static function of(string $title, string $body): Answer
    {
        return Answer::page(
            '<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>'.
                self::text($title).
                '</title>'.
                '<style>body{font:16px/1.6 Georgia,serif;max-width:46rem;margin:2.5rem auto;padding:0 '
                    .'1rem;color:#22303c;background:#faf8f4}h1{font-size:1.6rem;margin:.2rem 0 1rem}h2{font-size:1.1rem;margin:2rem 0 .4rem}small,'
                        .'.quiet{color:#5b6b78}a{color:#22303c}'.
                'button{font:inherit;padding:.5rem 1.2rem;border:1px solid #22303c;border-radius:2rem;background:#fff;cursor:pointer;margin:.2rem '
                    .'.3rem .2rem 0}button.main{background:#22303c;color:#fff}input,textarea,select{font:inherit;padding:.35rem .6rem;border:1px '
                        .'solid #9aa7b0;border-radius:.3rem;background:#fff}'.
                'textarea{width:100%;box-sizing:border-box}label{display:block;margin:.6rem 0}table{border-collapse:collapse;width:100%}td,'
                    .'th{text-align:left;padding:.45rem .5rem;border-bottom:1px solid '
                        .'#dcd6ca;vertical-align:top}pre{white-space:pre-wrap;background:#fff;border:1px solid #dcd6ca;padding:1rem;font:15px/1.6 '
                            .'ui-monospace,monospace}.wrong{border-left:4px solid #a33;padding:.2rem .9rem;background:#fff}</style>'.
                $body.
                '</html>',
        );
    }

    public static function text(mixed $text): string
    {
        return htmlspecialchars(is_scalar($text) ? (string) $text : '', ENT_QUOTES | ENT_SUBSTITUTE);
    }
}
