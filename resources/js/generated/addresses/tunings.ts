// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const tuningsDestroy = (tuning: number | string) => `/tunings/${tuning}`;
