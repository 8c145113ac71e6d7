// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
/** Where one can go from every page. */
export const PLACES = [
    { label: 'Bench', href: '/bench' },
    { label: 'Sets', href: '/sets' },
    { label: 'Instruments', href: '/instruments' },
    { label: 'Strings', href: '/strings' },
    { label: 'Jobs', href: '/jobs' },
    { label: 'Tune', href: '/tune' },
    { label: 'Log', href: '/log' },
    { label: 'Workshop', href: '/workshop' },
];
