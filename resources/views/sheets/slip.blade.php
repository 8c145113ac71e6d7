<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ $instrument }}: what was done</title>
    @include('sheets.style')
</head>
<body>
    @include('sheets.here')
    <h1>{{ $instrument }}</h1>
    <p class="under">{{ $owner === '' ? '' : "For {$owner}. " }}{{ $set }} was put on, {{ $on }}{{ $before === null ? '' : "; before it had {$before}" }}.</p>
    <h2>What is on it now{{ $tuning === '' ? '' : ", in {$tuning}" }}</h2>
    <table>
        @foreach ($strings as $string)
            <tr>
                <td style="width: 8mm" class="strong">{{ $string['position'] }}</td>
                <td>{{ $string['what'] }}</td>
                <td class="whole">{{ $string['pitch'] }}</td>
                <td class="figure">{{ $string['pull'] }}</td>
            </tr>
        @endforeach
    </table>
    <h2>What changed</h2>
    <table>
        <thead><tr><th></th><th class="figure">before</th><th class="figure">after</th></tr></thead>
        @foreach ($changed as [$name, $was, $is])
            <tr><td>{{ $name }}</td><td class="figure">{{ $was }}</td><td class="figure strong">{{ $is }}</td></tr>
        @endforeach
    </table>
    @if ($notes !== [])
        <h2>Noted at the bench</h2>
        <ul>@foreach ($notes as $note)<li>{{ $note }}</li>@endforeach</ul>
    @endif
    <h2>What to expect in the next two days</h2>
    <ul>@foreach ($expect as $line)<li>{{ $line }}</li>@endforeach</ul>
    @if ($due !== [])
        <h2>When it is due again</h2>
        <ul>@foreach ($due as $line)<li>{{ $line }}</li>@endforeach</ul>
    @endif
    <p class="foot">Sooner where they sound dull, feel rough or show rust. Wipe them after playing: heat, salt and wet hands shorten their life.</p>
</body>
</html>
