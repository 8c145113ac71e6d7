<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ $title }}</title>
    @include('sheets.style')
    <style>
        td { vertical-align: top; }
        tr { page-break-inside: avoid; }
        h2, h3 { page-break-after: avoid; }
        h3 { font-size: 9.5pt; margin: 3mm 0 0; color: #47545d; }
        .tick { width: 3.4mm; height: 3.4mm; border: 0.6pt solid #1d2a33; }
    </style>
</head>
<body>
    @include('sheets.here')
    <h1>{{ $title }}</h1>
    <p class="under">{{ $from }} to {{ $to }}{{ $bench === null ? '' : ($bench === '' ? ', no bench' : ", bench {$bench}") }}{{ $owner === '' ? '' : ", for {$owner}" }}</p>
    @forelse ($days as $day => $benches)
        <h2>{{ $day }}</h2>
        @foreach ($benches as $name => $dues)
            @if ($bench === null)<h3>{{ $name }}</h3>@endif
            <table>
                @foreach ($dues as $due)
                    <tr>
                        <td style="width: 34mm"><b>{{ $due->name }}</b>@if ($due->owner !== '')<br><span class="small">{{ $due->owner }}</span>@endif</td>
                        <td>{{ $due->do }}<br><span class="small">{{ $due->why }}@if ($due->put_off !== null) Put off: {{ $due->put_off_why }}@endif</span></td>
                        <td style="width: 6mm"><div class="tick"></div></td>
                    </tr>
                @endforeach
            </table>
        @endforeach
    @empty
        <p>Nothing is due.</p>
    @endforelse
    @if ($cautions !== [])
        <p class="foot">@foreach ($cautions as $caution){{ $caution }} @endforeach Local rules come first.</p>
    @endif
</body>
</html>
