<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {{ $width }} {{ $height }}" width="{{ $width }}" height="{{ $height }}" font-family="'DejaVu Sans', 'Noto Sans', 'Segoe UI', Roboto, sans-serif" fill="#1d2a33">
    <title>{{ $name }}</title>
    <rect width="{{ $width }}" height="{{ $height }}" fill="#f5f3ea"/>
    <text x="48" y="80" font-size="38" font-weight="bold">{{ $name }}</text>
    <text x="48" y="120" font-size="21" fill="#47545d">{{ $under }}</text>
    <text x="48" y="152" font-size="21" fill="#47545d">{{ $tuning }}</text>
    <line x1="48" x2="{{ $width - 48 }}" y1="{{ $head - 12 }}" y2="{{ $head - 12 }}" stroke="#1d2a33" stroke-width="2"/>
    @foreach ($rows as $at => $string)
        <g transform="translate(0 {{ $head + $at * $row }})">
            <text x="48" y="44" font-size="20" fill="#5f6b73">{{ $string['position'] }}</text>
            <text x="92" y="48" font-size="36" font-weight="bold">{{ $string['pitch'] }}</text>
            <text x="300" y="48" font-size="36" font-weight="bold" text-anchor="end">{{ $string['gauge'] }}</text>
            <text x="330" y="46" font-size="21" fill="#47545d">{{ $string['made'] }}</text>
            <text x="{{ $width - 330 }}" y="46" font-size="26" font-weight="bold" text-anchor="end">{{ $string['tension'] }}</text>
            <text x="{{ $width - 306 }}" y="46" font-size="20" fill="#47545d">{{ $string['change'] }}</text>
            <line x1="48" x2="{{ $width - 48 }}" y1="74" y2="74" stroke="{{ $string['colour'] }}" stroke-width="{{ $string['thick'] }}"/>
            @if ($string['wound'])
                <line x1="48" x2="{{ $width - 48 }}" y1="74" y2="74" stroke="#1d2a33" stroke-opacity="0.34" stroke-width="{{ $string['thick'] }}" stroke-dasharray="1.6 4.4"/>
            @endif
        </g>
    @endforeach
    <text x="48" y="{{ $height - 38 }}" font-size="21" fill="#47545d">{{ count($rows) }} strings, {{ $unit }}</text>
    <text x="{{ $width - 48 }}" y="{{ $height - 38 }}" font-size="24" font-weight="bold" text-anchor="end">{{ $total }} in all</text>
</svg>
