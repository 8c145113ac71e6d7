// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const photographsDestroy = (instrument: number | string, photograph: number | string) => `/instruments/${instrument}/photographs/${photograph}`;
export const photographsShow = (instrument: number | string, photograph: number | string) => `/instruments/${instrument}/photographs/${photograph}`;
export const photographsStore = (instrument: number | string) => `/instruments/${instrument}/photographs`;
export const photographsUnarchive = (instrument: number | string, photograph: number | string) => `/instruments/${instrument}/photographs/${photograph}/unarchive`;
export const photographsUpdate = (instrument: number | string, photograph: number | string) => `/instruments/${instrument}/photographs/${photograph}`;
