<!DOCTYPE html>
<html lang="en" data-look="{{ in_array(request()->cookie('lira_look'), ['light', 'dark'], true) ? request()->cookie('lira_look') : 'auto' }}">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="csp-nonce" content="{{ app(Illuminate\Foundation\Vite::class)->cspNonce() }}">
        <meta name="color-scheme" content="light dark">
        <link rel="preload" as="font" type="font/woff2" crossorigin href="{{ Vite::asset('node_modules/@fontsource-variable/archivo/files/archivo-latin-wdth-normal.woff2') }}">
        <link rel="icon" href="/favicon.svg" type="image/svg+xml">
        <title inertia>Lira</title>
        @viteReactRefresh
        @vite([...isset($figures) ? ['resources/js/bench/lanes/firstKeys.ts'] : [], 'resources/css/app.css', 'resources/js/app.tsx', "resources/js/{$page['component']}.tsx"])
    </head>
    <body>
        <script data-page="app" type="application/json">{!! json_encode($page, JSON_HEX_TAG) !!}</script>
        {{-- Stands there until the scripts have come and draw the same with the page in it. --}}
        <div id="app">
            <div class="flex min-h-dvh flex-col">
                <header class="flex shrink-0 flex-wrap items-center gap-x-5 border-b border-rule px-4 max-md:pt-1 sm:px-7 md:h-13 md:flex-nowrap lg:gap-9">
                    <a href="/" class="text-[1.35rem] font-extrabold tracking-tight [font-stretch:112%]">Lira</a>
                    <nav aria-label="Places" class="flex h-full items-stretch gap-3.5 max-md:order-last max-md:h-10 max-md:w-full max-md:overflow-x-auto lg:gap-7">
                        @foreach (App\Http\Places::labels() as $place => $label)
                            <a href="{{ $place }}" class="flex items-center border-b-[3px] border-transparent pt-[3px] text-ink-soft">{{ $label }}</a>
                        @endforeach
                    </nav>
                </header>
                <main class="flex-1">
                    @isset($figures)
                        @include('frames.bench')
                    @endisset
                    <noscript><p class="px-4 pt-5 text-ink-soft sm:px-7">Lira draws its pages with scripts. Allow them for this address, and load it again.</p></noscript>
                </main>
            </div>
        </div>
    </body>
</html>
