<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Label, {{ $name }}</title>
    @include('sheets.label-style')
</head>
<body>
    @php($big = $height > 30 ? 13 : ($height > 23 ? 10 : 8))
    @php($small = $height > 30 ? 7.5 : ($height > 23 ? 6.2 : 5))
    <div class="sheet">
        <div class="label" style="left: {{ $left }}mm; top: {{ $top }}mm; width: {{ $width }}mm; height: {{ $height }}mm;">
            <div class="in" style="width: {{ $width - $square_mm - 5 }}mm; right: auto;">
                <div style="font-size: {{ $big }}pt; line-height: 1.15; font-weight: bold;">{{ Str::limit($name, 44, '…') }}</div>
                <div style="font-size: {{ $small }}pt;">
                    {{ $what }}
                    @if ($owner !== '')
                        <br>{{ Str::limit($owner, 40, '…') }}
                    @endif
                    @if ($here !== [])
                        <br>{{ Str::limit($here[0], 60, '…') }}
                    @endif
                </div>
            </div>
            <img class="qr" src="{{ $square }}" style="width: {{ $square_mm }}mm; height: {{ $square_mm }}mm;" alt="">
        </div>
    </div>
</body>
</html>
