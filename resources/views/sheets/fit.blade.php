<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ $name }}: does it fit?</title>
    @include('sheets.style')
</head>
<body>
    @include('sheets.here')
    <h1>Does it fit?</h1>
    <p class="under">{{ $name }} on {{ $instrument }}, as measured.</p>
    <table>
        <thead>
            <tr>
                <th>String</th>
                <th>Gauge</th>
                @foreach ($aspects as $aspect)
                    <th>{{ $aspect }}</th>
                @endforeach
                <th>Turns, slack, cut past the post</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($rows as $row)
                <tr>
                    <td class="strong">{{ $row['position'] }}</td>
                    <td class="whole">{{ $row['gauge'] }}</td>
                    @foreach ($row['cells'] as $cell)
                        <td>@if ($cell['fine']){{ $cell['says'] }}@else<b>{{ $cell['says'] }}</b>@endif<br><span class="small">{{ $cell['figures'] }}</span></td>
                    @endforeach
                    <td class="whole">{{ $row['turns'] }}@if ($row['leave']), {{ $row['leave'] }}, {{ $row['cut'] }}@endif</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <h2>The whole pull</h2>
    <ul>
        @foreach ($total as $line)
            <li>{{ $line }}</li>
        @endforeach
    </ul>
    @if ($saddles)
        <h2>Where its saddles will stand</h2>
        <p>{{ $saddles }}</p>
    @endif
    @if ($todo)
        <h2>What to do</h2>
        @include('sheets.todo', ['todo' => $todo])
    @else
        <p class="notes">Nothing to do: as far as it was measured, all of it is fine.</p>
    @endif
    @if ($unmeasured)
        <p class="notes">Not measured on this instrument: {{ implode(', ', $unmeasured) }}.</p>
    @endif
    <p class="foot">
        Slacken strings before you cut them, and protect your eyes. Nut, bridge and neck are work for a qualified repairer.
        The set was last changed on {{ $changed }}.
    </p>
</body>
</html>
