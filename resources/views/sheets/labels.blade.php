<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Labels, {{ $name }}</title>
    <style>
        @page { margin: 0; }
        body { margin: 0; font-family: 'DejaVu Sans', sans-serif; color: #000; }
        .sheet { position: relative; width: 100%; height: 100%; }
        .sheet + .sheet { page-break-before: always; }
        .label { position: absolute; overflow: hidden; }
        .in { position: absolute; left: 2.5mm; top: 1.6mm; right: 2mm; }
        .notches { height: 2.6mm; white-space: nowrap; font-size: 1pt; line-height: 1pt; }
        .notches span { display: inline-block; width: 1mm; height: 2.4mm; background: #000; margin-right: 0.9mm; }
        .number { font-weight: bold; }
        .qr { position: absolute; right: 1mm; bottom: 1mm; }
        .text { white-space: nowrap; overflow: hidden; }
    </style>
</head>
<body>
    @php($big = $height > 30 ? 15 : ($height > 23 ? 11 : 9.5))
    @php($small = $height > 30 ? 7.5 : ($height > 23 ? 6.2 : 5))
    @foreach ($sheets as $labels)
        <div class="sheet">
            @foreach ($labels as $label)
                <div class="label" style="left: {{ $label['left'] }}mm; top: {{ $label['top'] }}mm; width: {{ $width }}mm; height: {{ $height }}mm;">
                    <div class="in">
                        <div class="notches">@for ($notch = 0; $notch < $label['position']; $notch++)<span></span>@endfor</div>
                        <div style="font-size: {{ $big }}pt; line-height: 1.15;"><span class="number">{{ $label['position'] }}</span> {{ $label['note'] }} <b>{{ $label['gauge'] }}</b></div>
                        <div class="text" style="font-size: {{ $small }}pt; width: {{ $width - $qrSide - 5 }}mm;">{{ $label['construction'] }}@if ($height > 23), {{ $label['material'] }}@endif<br>{{ $instrument }}<br>{{ $name }}<br><b>{{ $label['code'] }}</b> {{ $date }}</div>
                    </div>
                    <img class="qr" src="{{ $label['packet'] }}" style="width: {{ $qrSide }}mm; height: {{ $qrSide }}mm;" alt="">
                </div>
            @endforeach
        </div>
    @endforeach
</body>
</html>
