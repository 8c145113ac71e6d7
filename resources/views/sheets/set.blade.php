<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ $name }}</title>
    @include('sheets.style')
</head>
<body>
    @include('sheets.here')
    <h1>{{ $name }}</h1>
    <p class="under">
        {{ $instrument }}, {{ $kind }}, {{ count($rows) }} strings, {{ $scale }}. A4 is {{ $a4 }} Hz.
        @if ($baseline)
            Changes are from {{ $baseline }}.
        @endif
    </p>
    <table>
        <thead>
            <tr>
                <th>Mark</th>
                <th>String</th>
                <th>Gauge</th>
                <th>Material</th>
                @foreach ($tunings as $tuning)
                    <th class="tuning">{{ $tuning }}</th>
                    <th class="figure">Tension</th>
                    @if ($baseline)
                        <th class="figure">Change</th>
                    @endif
                @endforeach
            </tr>
        </thead>
        <tbody>
            @foreach ($rows as $row)
                <tr>
                    <td class="notches whole">@for ($notch = 0; $notch < $row['position']; $notch++)<span></span>@endfor</td>
                    <td class="strong">{{ $row['position'] }}</td>
                    <td class="whole"><span class="strong">{{ $row['gauge'] }}</span> {{ $row['construction'] }}</td>
                    <td>{{ $row['material'] }}<br><span class="small">@if ($oneLength){{ $row['source'] }}@else{{ $row['length'] }}, {{ $row['source'] }}@endif</span></td>
                    @foreach ($row['tunings'] as $at)
                        <td class="strong tuning">{{ $at['pitch'] }}</td>
                        <td class="figure">{{ $at['tension'] }}</td>
                        @if ($baseline)
                            <td class="figure">{{ $at['change'] ?? '' }}</td>
                        @endif
                    @endforeach
                </tr>
            @endforeach
            <tr class="total">
                <td colspan="4">Whole instrument</td>
                @foreach ($totals as $total)
                    <td></td>
                    <td class="figure strong">{{ $total['tension'] }}</td>
                    @if ($baseline)
                        <td class="figure">{{ $total['change'] ?? '' }}</td>
                    @endif
                @endforeach
            </tr>
        </tbody>
    </table>
    @if ($findings)
        <h2>To check</h2>
        @include('sheets.todo', ['todo' => $findings])
    @endif
    @if ($notes)
        <p class="notes">{{ $notes }}</p>
    @endif
    <p class="foot">
        String 1 is on the thinnest side; the mark has as many notches as the string’s number.
        @if ($modelled)
            Of 100 modelled densities 95 lie within about ±5 % for wound strings, ±10 % on floss, ±8 % for plain polymers and ±2 % for plain steel; wrap stiffness and friction are left out.
        @endif
        Slacken strings before you cut them, keep hold of both ends, and protect your eyes. Last changed {{ $changed }}. Lira.
    </p>
</body>
</html>
