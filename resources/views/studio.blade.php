<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Lanai</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    {!! App\Http\Bundle::tags('studio', 'web/studio/main.ts') !!}
</head>
<body><div id="app"></div><noscript>Lanai needs JavaScript.</noscript></body>
</html>
