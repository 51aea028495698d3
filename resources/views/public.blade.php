<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · {{ $app }}</title>
    <link rel="stylesheet" href="/public.css">
</head>
<body>
<main>
    <p class="app">{{ $app }}</p>
    <h1>{{ $title }}</h1>
    @foreach ($paragraphs as $paragraph)
        @if (is_array($paragraph))
            <h2>{{ $paragraph[0] }}</h2>
            @if (count($paragraph) > 1)<ul>@foreach (array_slice($paragraph, 1) as $item)<li>{{ $item }}</li>@endforeach</ul>@endif
        @else
            <p>{{ $paragraph }}</p>
        @endif
    @endforeach
    @if (($asks ?? '') !== '')
        <form method="post" action="{{ $send }}">@csrf
            @if ($asks === 'address')<label for="box">Your e-mail address</label><input id="box" name="email" type="email" required autocomplete="email"><button>Send me a code</button>
            @else<label for="box">The code</label><input id="box" name="code" inputmode="numeric" required autocomplete="one-time-code"><button>Delete my account</button>@endif
        </form>
    @endif
    @if (($go ?? '') !== '')<form method="post" action="{{ $go }}">@csrf<button>Yes, go on</button></form>@endif
    @if (($back ?? '') !== '')<p><a class="button" href="{{ $back }}">Back to {{ $app }}</a></p>@endif
</main>
</body>
</html>
