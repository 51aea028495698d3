<!doctype html>
<html lang="{{ $lang }}" dir="{{ $dir }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover, interactive-widget=resizes-content">
    <meta name="theme-color" content="{{ $theme }}">
    <title>{{ $name }}</title>
    @foreach ($preview as $property => $content)
        <meta property="{{ $property }}" content="{{ $content }}">
    @endforeach
    @if ($structured !== '')
        <script type="application/ld+json">{!! $structured !!}</script>
    @endif
    @if ($home !== null)
        <link rel="manifest" href="{{ $home }}/manifest.webmanifest">
        <link rel="icon" href="{{ $home }}/icons/any-192.png">
        <link rel="apple-touch-icon" href="{{ $home }}/icons/any-192.png">
        <meta name="mobile-web-app-capable" content="yes">
        {!! $listed !!}
    @endif
    <script type="application/json" id="entry">@json($entry)</script>
    {!! App\Http\Bundle::ahead('device', 'web/device/early.ts') !!}
    {!! App\Http\Bundle::tags('device', 'web/device/main.ts') !!}
</head>
<body><div id="device"></div><noscript>This app needs JavaScript.</noscript></body>
</html>
