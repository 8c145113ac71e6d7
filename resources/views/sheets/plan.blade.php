<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ $name }}: how it goes on</title>
    @include('sheets.style')
    <style>
        td { vertical-align: top; }
        tr { page-break-inside: avoid; }
        h2 { page-break-after: avoid; }
        .tick { width: 3.4mm; height: 3.4mm; border: 0.6pt solid #1d2a33; }
        .caution { font-weight: bold; }
    </style>
</head>
<body>
    @include('sheets.here')
    <h1>How it goes on</h1>
    <p class="under">{{ $name }} on {{ $instrument }}, {{ $before === null ? 'with nothing on it' : "where {$before} is now" }}.</p>
    @foreach ($steps as $phase)
        <h2>{{ ucfirst($phase['phase']) }}</h2>
        <table>
            @foreach ($phase['rows'] as $row)
                <tr>
                    <td style="width: 8mm" class="strong">{{ $row['number'] }}</td>
                    <td>
                        {{ $row['do'] }}
                        @foreach ($row['cautions'] as $caution)
                            <br><span class="caution">{{ $caution }}</span>
                        @endforeach
                        @if ($row['done'])
                            <br><span class="small">Done when: {{ $row['done'] }}</span>
                        @endif
                    </td>
                    <td style="width: 20mm" class="figure">{{ $row['pull'] }}</td>
                    <td style="width: 6mm"><div class="tick"></div></td>
                </tr>
            @endforeach
        </table>
    @endforeach
    <h2>How it is done</h2>
    <table>
        @foreach ($schools as $school)
            <tr>
                <td class="whole">{{ $school['what'] }}</td>
                <td class="whole">{{ $school['label'] }}</td>
                <td>{{ $school['reason'] }}</td>
            </tr>
        @endforeach
    </table>
    @if ($assumed !== [])
        <p>Assumed, since nobody measured it on this instrument: {{ implode('; ', $assumed) }}.</p>
    @endif
    <p class="foot">
        On the right stands what all strings pull together once the step is done. Local rules come first. The set was last changed on
        {{ $changed }}.
    </p>
</body>
</html>
