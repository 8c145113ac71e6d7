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
        @vite(['resources/css/app.css', 'resources/js/app.tsx', "resources/js/{$page['component']}.tsx"])
        @inertiaHead
    </head>
    <body>
        @inertia
    </body>
</html>
