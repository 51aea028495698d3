<?php

declare(strict_types=1);

namespace App\Apps;

use Lanai\Core\Geometry\Device;
use Lanai\Core\Layout\Page;

/** A small picture of a screen, drawn from its layout: blocks, lines of text and pictures where they really stand. */
final class ScreenPicture
{
    private const MOST = 160;

    /**
     * @param  array<string, mixed>  $view
     * @return array<string, mixed> as in docs/studio.schema.json
     */
    public static function of(array $view): array
    {
        $device = new Device('a phone', 390, 760);
        $media = self::media($view);
        $parts = [];
        foreach (Page::frames($view, $device)->all() as $frame) {
            if (count($parts) >= self::MOST) {
                break;
            }
            $box = $frame->box;
            $kind = is_string($box->marks['kind'] ?? null) ? $box->marks['kind'] : '';
            $part = fn (string $kind): array => [
                'kind' => $kind,
                'x' => round($frame->x, 1),
                'y' => round($frame->y, 1),
                'width' => round($frame->width, 1),
                'height' => round($frame->height, 1),
            ];
            if ($frame->y > $device->height || $frame->height < 1) {
                continue;
            }
            if (isset($box->marks['map'])) {
                $parts[] = $part('picture') + ['media' => ''];
            } elseif (isset($box->marks['advert'])) {
                $parts[] = $part('advert');
            } elseif ($kind === 'picture') {
                $parts[] = $part('picture') + ['media' => $media[$box->key] ?? ''];
            } elseif (isset($media[$box->key])) {
                $parts[] = $part('surface');
                $parts[] = ['height' => round(min(116, $frame->height), 1)] + $part('picture') + ['media' => $media[$box->key]];
            } elseif ($kind === 'button' || $kind === 'floatingButton') {
                $parts[] = $part('button');
            } elseif (in_array($kind, ['card', 'input', 'addForm', 'changeForm', 'chart', 'map', 'list'], true) || str_contains($box->key, '#')) {
                $parts[] = $part($kind === 'list' ? 'room' : 'surface');
            } elseif ($box->key === 'bar' || $box->key === 'tabs') {
                $parts[] = $part('surface');
            }
            if ($box->text !== null && $kind !== 'button') {
                foreach ($frame->lines as $i => $wide) {
                    $parts[] = [
                        'kind' => $kind === 'heading' || $box->key === 'title' ? 'heading' : 'text',
                        'x' => round($frame->x + $box->padding->left, 1),
                        'y' => round($frame->y + $box->padding->top + $i * $box->text->line + $box->text->line * 0.28, 1),
                        'width' => round($wide, 1),
                        'height' => round($box->text->size * 0.55, 1),
                    ];
                }
            }
        }

        return ['width' => $device->width, 'height' => $device->height, 'parts' => $parts] +
            array_intersect_key(is_array($view['theme'] ?? null) ? $view['theme'] : [], ['main' => 1, 'background' => 1, 'surface' => 1, 'text' => 1]);
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @return array<string, string> key of a node or an item => its picture
     */
    private static function media(array $node): array
    {
        $found = [];
        if (is_string($node['picture'] ?? null) && $node['picture'] !== '' && is_string($node['at'] ?? null)) {
            $found[$node['at']] = $node['picture'];
        }
        foreach (is_array($node['items'] ?? null) ? $node['items'] : [] as $item) {
            if (
                is_array($item) &&
                is_string($item['picture'] ?? null) &&
                $item['picture'] !== '' &&
                is_int($item['id'] ?? null) &&
                is_string($node['at'] ?? null)
            ) {
                $found[$node['at'].'#'.$item['id']] = $item['picture'];
            }
        }
        foreach ($node as $part) {
            if (is_array($part)) {
                $found += self::media($part);
            }
        }

        return $found;
    }
}
