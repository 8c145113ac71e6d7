// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const packagedShow = (supplier: number | string) => `/strings/suppliers/${supplier}/sets`;
export const packagedUpdate = (supplier: number | string) => `/strings/suppliers/${supplier}/sets`;
