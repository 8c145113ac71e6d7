{{-- What the lanes say, where they will stand. --}}
<div class="w-full px-4 sm:px-7 lg:pr-[21.25rem]">
    <h1 class="truncate pt-2.5 text-[1.55rem] leading-tight font-bold tracking-tight [font-stretch:105%]">{{ $figures['name'] }}</h1>
    {{-- As wide as the lanes will be (lanes/laneColumns.ts): the Bench asks it, so that its drawings are right at once. --}}
    <div class="grid grid-cols-[1.9rem_7rem_minmax(0,1fr)_11.5rem] px-3 max-md:grid-cols-[1.6rem_6.6rem_minmax(0,1fr)_auto] max-sm:block">
        <div class="col-start-3" data-frame="lanes"></div>
        <div class="max-md:w-[8.5rem] max-sm:hidden"></div>
    </div>
    {{-- bench/lanes/firstKeys.ts takes the first keys here. --}}
    <table data-frame="strings" class="mt-[9.5rem] w-full max-sm:mt-[7.5rem]">
        <caption class="sr-only">The strings, their pitches, gauges and tensions</caption>
        @foreach ($figures['strings'] as $string)
            <tr data-lane="{{ $string['position'] }}" class="h-[77px] border-b border-rule max-md:h-32">
                <th scope="row" class="w-8 pl-3 text-left text-[1.7rem] leading-none font-light text-ink-faint">{{ $string['position'] }}</th>
                <td class="pl-3"><span class="text-[1.35rem] font-bold">{{ $string['pitch'] }}</span><span class="block text-xs text-ink-faint">{{ $string['hertz'] }} Hz</span></td>
                <td class="w-24 text-[1.08rem] font-bold"><span data-first="gauge" class="rounded-mark outline-offset-4">{{ $string['gauge'] }} <span class="font-semibold">{{ $string['made'] }}</span></span></td>
                <td data-first="tension" class="w-20 pr-3 text-right text-[1.08rem] font-bold">{{ $string['tension'] }}</td>
            </tr>
        @endforeach
    </table>
    <p class="mt-4 px-3"><span class="font-bold">Whole instrument</span> <span data-first="total" class="text-[1.6rem] font-bold">{{ $figures['total'] }}</span></p>
</div>
