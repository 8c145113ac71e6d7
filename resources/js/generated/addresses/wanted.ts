// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const wantedDestroy = (wanted: number | string) => `/strings/wanted/${wanted}`;
