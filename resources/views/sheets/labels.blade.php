<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Labels, {{ $name }}</title>
    @include('sheets.label-style')
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
                        <div class="text" style="font-size: {{ $small }}pt; width: {{ $width - $square_mm - 5 }}mm;">{{ $label['construction'] }}@if ($height > 23), {{ $label['material'] }}@endif<br>{{ $instrument }}<br>{{ $name }}<br><b>{{ $label['code'] }}</b> {{ $date }}</div>
                    </div>
                    <img class="qr" src="{{ $label['packet'] }}" style="width: {{ $square_mm }}mm; height: {{ $square_mm }}mm;" alt="">
                </div>
            @endforeach
        </div>
    @endforeach
</body>
</html>
