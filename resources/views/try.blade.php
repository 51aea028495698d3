<!doctype html>
<html lang="{{ $lang }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>Try {{ $app }}</title>
    <link rel="stylesheet" href="/public.css">
</head>
<body>
<main>
    <p class="app">{{ $app }}</p>
    <h1>Try it, and say how it was</h1>
    @if ($said !== '')<p role="status"><strong>{{ $said }}</strong></p>@endif
    @if ($errors->any())<p role="alert"><strong>{{ $errors->first() }}</strong></p>@endif
    <p>Thank you for trying {{ $app }} before it is in the stores. This is version {{ $version }}. What you enter is for practice alone.</p>
    @if ($news !== '')<h2>What is new</h2><p>{{ $news }}</p>@endif
    <p><a class="button" href="{{ $open }}" target="_blank" rel="noopener">Open {{ $app }} here</a></p>
    @if ($package !== '')<p><a href="{{ $package }}">Get the package for Android</a>. Your phone asks first whether it may install it.</p>@endif
    <h2>How was it?</h2>
    <form method="post" action="{{ $tell }}" enctype="multipart/form-data">@csrf
        <label for="words">What you liked, and what not</label>
        <textarea id="words" name="words" rows="5" maxlength="2000" required>{{ old('words') }}</textarea>
        <label for="screen">On which screen?</label>
        <select id="screen" name="screen">
            <option value="">In the app as a whole</option>
            @foreach ($screens as $screen)<option @selected(old('screen') === $screen)>{{ $screen }}</option>@endforeach
        </select>
        <label for="picture">A picture of the screen, if you have one</label>
        <input id="picture" name="picture" type="file" accept="image/png,image/jpeg,image/webp">
        <button>Tell the founder</button>
    </form>
    <p><small>This page is yours alone until {{ $until }}.</small></p>
</main>
</body>
</html>
