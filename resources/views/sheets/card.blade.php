<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Packet card, {{ $name }}</title>
    @include('sheets.style')
</head>
<body>
    <img src="{{ $qr }}" style="float: right; width: 28mm; height: 28mm;" alt="">
    <h1>{{ $name }}</h1>
    <p class="under">{{ $instrument }}, {{ $date }}. One at a time, from the outside in.</p>
    <table style="clear: right;">
        <thead>
            <tr><th></th><th></th><th>String</th><th>Note</th><th>Gauge</th><th>Made of</th><th>Turns</th><th>Leave slack</th><th>Cut past the post</th><th>Fitted</th></tr>
        </thead>
        <tbody>
            @foreach ($strings as $step => $string)
                <tr>
                    <td class="small">{{ $step + 1 }}</td>
                    <td class="notches whole">@for ($notch = 0; $notch < $string['position']; $notch++)<span></span>@endfor</td>
                    <td class="strong">{{ $string['position'] }}</td>
                    <td class="whole">{{ $string['note'] }}</td>
                    <td class="whole"><span class="strong">{{ $string['gauge'] }}</span> {{ $string['construction'] }}</td>
                    <td>{{ $string['material'] }}</td>
                    <td>{{ $string['turns'] }}</td>
                    <td class="whole">{{ $string['leave'] ?? 'post not measured' }}</td>
                    <td class="whole">{{ $string['cut'] ?? '' }}</td>
                    <td style="border: 0.6pt solid #1d2a33; width: 7mm;"></td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <p class="foot">
        Each packet’s mark has as many notches as its string’s number. Slacken a string before you cut it, keep hold of both ends, protect your eyes, and bin the offcuts. Lira.
    </p>
</body>
</html>
