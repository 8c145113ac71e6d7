<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ $name }}</title>
    <style>
        @page { margin: 18mm 16mm; }
        body { font-family: 'DejaVu Sans', sans-serif; font-size: 9.5pt; color: #1d2a33; }
        h1 { font-size: 19pt; margin: 0 0 1mm; }
        .under { color: #47545d; margin: 0 0 6mm; }
        table { width: 100%; border-collapse: collapse; }
        th { text-align: left; font-weight: normal; color: #47545d; font-size: 8pt; padding: 0 2mm 1mm 0; border-bottom: 0.6pt solid #1d2a33; vertical-align: bottom; }
        td { padding: 2.2mm 2mm 2.2mm 0; border-bottom: 0.3pt solid #b9b7a8; vertical-align: middle; }
        .figure { text-align: right; white-space: nowrap; }
        .whole { white-space: nowrap; }
        .strong { font-weight: bold; font-size: 11pt; }
        .tuning { padding-left: 5mm; }
        .small { font-size: 7.5pt; color: #47545d; }
        .notches { padding-right: 4mm; }
        .notches span { display: inline-block; width: 0; height: 4mm; border-left: 1.1pt solid #1d2a33; margin-right: 0.7mm; }
        .total td { border-bottom: none; border-top: 0.6pt solid #1d2a33; }
        h2 { font-size: 11pt; margin: 7mm 0 1mm; }
        ul { margin: 0; padding-left: 5mm; }
        .notes { margin-top: 7mm; white-space: pre-line; }
        .foot { margin-top: 8mm; font-size: 7.5pt; color: #47545d; border-top: 0.3pt solid #b9b7a8; padding-top: 2mm; }
    </style>
</head>
<body>
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
        <ul>
            @foreach ($findings as $finding)
                <li>{{ $finding }}</li>
            @endforeach
        </ul>
    @endif
    @if ($notes)
        <p class="notes">{{ $notes }}</p>
    @endif
    <p class="foot">
        String 1 is on the thinnest side; the mark has as many notches as the string’s number.
        @if ($modelled)
            Modelled densities are sure to about ±5 % for wound strings, ±8 % for polymers and ±2 % for plain steel; wrap stiffness and friction are left out.
        @endif
        Slacken strings before you cut them, keep hold of both ends, and protect your eyes. Last changed {{ $changed }}. Lira.
    </p>
</body>
</html>
