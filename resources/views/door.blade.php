<!doctype html>
<html lang="{{ $lang }}" dir="{{ $dir }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $name }}</title>
    @foreach ($preview as $property => $content)
        <meta property="{{ $property }}" content="{{ $content }}">
    @endforeach
    <link rel="icon" href="{{ $icon }}">
    {!! App\Http\Bundle::tags('device', 'web/device/door.ts') !!}
</head>
<body class="door" style="--main: {{ $theme->main }}; --on-main: {{ $theme->onMain }}">
    <main>
        <img src="{{ $icon }}" alt="" width="96" height="96">
        <h1>{{ $name }}</h1>
        @if ($summary !== '')<p>{{ $summary }}</p>@endif
        <div id="code" data-link="{{ $again }}" data-label="{{ $scan }}"></div>
        <p class="scan">{{ $scan }}</p>
        <a class="open" href="{{ $web }}">{{ $here }}</a>
    </main>
</body>
</html>
