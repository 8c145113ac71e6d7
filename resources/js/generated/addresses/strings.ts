// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const stringsShow = (string: number | string) => `/strings/${string}`;
