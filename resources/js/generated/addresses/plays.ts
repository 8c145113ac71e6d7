// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const playsDestroy = (instrument: number | string, play: number | string) => `/instruments/${instrument}/plays/${play}`;
export const playsStore = (instrument: number | string) => `/instruments/${instrument}/plays`;
