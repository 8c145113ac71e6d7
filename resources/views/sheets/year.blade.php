<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ $title }} in {{ $year }}</title>
    @include('sheets.style')
    <style>td { vertical-align: top; } tr { page-break-inside: avoid; } h2 { page-break-after: avoid; }</style>
</head>
<body>
    @include('sheets.here')
    <h1>{{ $title }} in {{ $year }}</h1>
    @if ($owner !== '')<p class="under">{{ $owner }}</p>@endif
    <table>
        @foreach ($sums as [$what, $much])
            <tr><td>{{ $what }}</td><td class="figure strong">{{ $much }}</td></tr>
        @endforeach
    </table>
    @if ($sets !== [])
        <h2>What was on it</h2>
        <table>
            <thead><tr><th>Set</th><th>From</th><th>To</th><th>Hours</th><th>Pull</th><th>Why it came off</th></tr></thead>
            @foreach ($sets as $set)
                <tr>
                    <td>{{ $set['name'] }}@if ($set['felt'] !== '')<br><span class="small">{{ $set['felt'] }}</span>@endif</td>
                    <td class="whole">{{ $set['from'] }}</td><td class="whole">{{ $set['to'] }}</td>
                    <td class="whole">{{ $set['hours'] }}</td><td class="whole">{{ $set['pull'] }}</td><td>{{ $set['why'] }}</td>
                </tr>
            @endforeach
        </table>
    @endif
    @if ($instruments !== [])
        <h2>By instrument</h2>
        <table>
            <thead><tr><th>Instrument</th><th>Owner</th><th>Jobs</th><th>At the bench</th></tr></thead>
            @foreach ($instruments as $row)
                <tr><td>{{ $row['name'] }}</td><td>{{ $row['owner'] }}</td><td>{{ $row['jobs'] }}</td><td class="whole">{{ $row['minutes'] }}</td></tr>
            @endforeach
        </table>
    @endif
    @if ($used !== [])
        <h2>Strings put on</h2>
        <table>
            <thead><tr><th>String</th><th>Family</th><th>Count</th><th>Hours they did, mean</th></tr></thead>
            @foreach ($used as $row)
                <tr><td>{{ $row['what'] }}</td><td>{{ $row['family'] }}</td><td>{{ $row['count'] }}</td><td class="whole">{{ $row['hours'] }}</td></tr>
            @endforeach
        </table>
    @endif
    @if ($measured !== [])
        <h2>Measured</h2>
        <table>
            <thead><tr><th>Day</th><th></th><th>Action at the 12th</th><th>Relief</th></tr></thead>
            @foreach ($measured as $row)
                <tr><td class="whole">{{ $row['on'] }}</td><td>{{ $row['moment'] }} a job</td><td class="whole">{{ $row['action'] }}</td><td class="whole">{{ $row['relief'] }}</td></tr>
            @endforeach
        </table>
    @endif
    @if ($happened !== [])
        <h2>What was done and played</h2>
        <table>
            @foreach ($happened as $row)
                <tr><td class="whole" style="width: 20mm">{{ $row['on'] }}</td><td>{{ $row['words'] }}</td></tr>
            @endforeach
        </table>
    @endif
</body>
</html>
