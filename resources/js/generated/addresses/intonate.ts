// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const intonateShow = (set: number | string) => `/sets/${set}/intonate`;
