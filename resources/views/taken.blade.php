<!doctype html>
<html lang="{{ $lang }}" dir="{{ $dir }}">
<head>
    <meta charset="utf-8">
    <title>{{ $name }}</title>
    @foreach (App\Http\Bundle::styles(App\Http\Bundle::manifest('device'), 'web/device/main.ts') as $css)
        <link rel="stylesheet" href="/build/device/{{ $css }}">
    @endforeach
    <style>
        html { {{ array_values($sizes)[0] }} }
        @foreach ($sizes as $size => $measures)
        html.{{ $size }} { {{ $measures }} }
        @endforeach
        html, body { height: var(--high); width: var(--wide); overflow: hidden; }
        body { background: {{ $colours['main'] }}; color: {{ $colours['onMain'] }}; display: flex; flex-direction: column; align-items: center; justify-content: flex-end; }
        .words { flex: 1; min-height: 0; width: 100%; display: flex; align-items: center; justify-content: center; padding: 3% 7% 0; text-align: center; text-wrap: balance; font-weight: 700; line-height: 1.18; letter-spacing: -.01em; font-size: var(--letters); overflow-wrap: anywhere; }
        .said, .quay-feature .words { display: none; }
        .frame { flex: none; position: relative; width: calc(var(--app-wide) * var(--shrunk)); height: calc(var(--app-high) * var(--shrunk)); margin-bottom: var(--under); border-radius: var(--round); overflow: hidden; box-shadow: 0 0 0 4px #10191b; background: #10191b; }
        iframe { border: 0; width: var(--app-wide); height: var(--app-high); transform: scale(var(--shrunk)); transform-origin: 0 0; position: absolute; left: 0; top: 0; }
        .quay-feature body { flex-direction: row; justify-content: space-between; align-items: flex-start; padding: 0 96px 0 72px; }
        .quay-feature .said { display: block; align-self: center; width: 520px; }
        .quay-feature .frame { margin-top: 56px; }
        .said img { width: 104px; height: 104px; border-radius: 24px; box-shadow: 0 0 0 2px {{ $colours['onMain'] }}; }
        .said h1 { font-size: 50px; line-height: 1.12; font-weight: 750; margin: 22px 0 12px; max-height: 168px; overflow-wrap: anywhere; }
        .said p { font-size: 24px; line-height: 1.35; display: -webkit-box; -webkit-line-clamp: 3; -webkit-box-orient: vertical; overflow: hidden; }
    </style>
</head>
<body>
    <div class="said"><img src="{{ $icon }}" alt=""><h1 data-fits>{{ $name }}</h1><p>{{ $summary }}</p></div>
    @if ($caption !== '')<div class="words" data-fits><span>{{ $caption }}</span></div>@endif
    <div class="frame"><iframe name="app" title="{{ $name }}" src="{{ $page }}"></iframe></div>
</body>
</html>
