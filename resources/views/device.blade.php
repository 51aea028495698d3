<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover">
    <meta name="theme-color" content="{{ $theme }}">
    <title>{{ $name }}</title>
    <script type="application/json" id="entry">@json($entry)</script>
    {!! App\Http\Bundle::tags('device', 'web/device/main.ts') !!}
</head>
<body><div id="device"></div><noscript>This app needs JavaScript.</noscript></body>
</html>
